/**
 * Which pixels are ink, and which of them hang together?
 * Ink is what stands out of its neighbourhood by more than a share of the local deviation and by a least contrast; dark on
 * light and light on dark are looked for apart, since a plate has both. Method: local threshold, then run-length labelling.
 */
import { certain } from '../certain';
import { eachWindow, type Gray } from './gray';

export type Ink = 'dark' | 'light';
export type Component = { x0: number; y0: number; x1: number; y1: number; area: number };

const SHARE_OF_DEVIATION = 0.9;
const MIN_CONTRAST = 14;

/** Returns 1 where there is ink of this kind. `radius` about the height of a letter. */
export function inkMask(picture: Gray, radius: number): Record<Ink, Uint8Array> {
  const dark = new Uint8Array(picture.data.length);
  const light = new Uint8Array(picture.data.length);
  const { data } = picture;
  eachWindow(picture, radius, (at, sum, squares, count) => {
    const mean = sum / count;
    const off = certain(data[at]) - mean;
    if (off < MIN_CONTRAST && off > -MIN_CONTRAST) return;
    const variance = squares / count - mean * mean;
    if (off * off <= SHARE_OF_DEVIATION * SHARE_OF_DEVIATION * variance) return;
    if (off < 0) dark[at] = 1;
    else light[at] = 1;
  });
  return { dark, light };
}

/** Boxes of runs that hang together, as one each; `index` is where a root stands in the list. */
function joined(boxes: readonly Component[], find: (id: number) => number): { list: Component[]; index: Int32Array } {
  const list: Component[] = [];
  const index = new Int32Array(boxes.length).fill(-1);
  for (let id = 0; id < boxes.length; id += 1) {
    const root = find(id);
    const box = certain(boxes[id]);
    if (certain(index[root]) < 0) {
      index[root] = list.length;
      list.push({ ...box });
      continue;
    }
    const whole = certain(list[certain(index[root])]);
    whole.x0 = Math.min(whole.x0, box.x0);
    whole.y0 = Math.min(whole.y0, box.y0);
    whole.x1 = Math.max(whole.x1, box.x1);
    whole.y1 = Math.max(whole.y1, box.y1);
    whole.area += box.area;
  }
  return { list, index };
}

/** Returns the 8-connected components of a mask with their boxes (x1, y1 exclusive) and areas, and a label for every pixel. */
export function components(mask: Uint8Array, width: number, height: number): { list: Component[]; labels: Int32Array } {
  const labels = new Int32Array(mask.length).fill(-1);
  const parent: number[] = [];
  const boxes: Component[] = [];
  const find = (a: number): number => {
    let root = a;
    while (parent[root] !== root) root = certain(parent[root]);
    while (parent[a] !== root) [parent[a], a] = [root, certain(parent[a])];
    return root;
  };
  let previous: { x0: number; x1: number; id: number }[] = [];
  for (let y = 0; y < height; y += 1) {
    const runs: { x0: number; x1: number; id: number }[] = [];
    let from = 0;
    for (let x = 0; x < width;) {
      if (!mask[y * width + x]) {
        x += 1;
        continue;
      }
      const x0 = x;
      while (x < width && mask[y * width + x]) x += 1;
      let id = -1;
      while (from < previous.length && certain(previous[from]).x1 < x0) from += 1;
      for (let k = from; k < previous.length && certain(previous[k]).x0 <= x; k += 1) {
        const other = find(certain(previous[k]).id);
        if (id < 0) id = other;
        else if (other !== id) parent[other] = id;
      }
      if (id < 0) {
        id = parent.length;
        parent.push(id);
        boxes.push({ x0, y0: y, x1: x, y1: y + 1, area: 0 });
      }
      id = find(id);
      const box = certain(boxes[id]);
      box.x0 = Math.min(box.x0, x0);
      box.x1 = Math.max(box.x1, x);
      box.y1 = y + 1;
      box.area += x - x0;
      runs.push({ x0, x1: x, id });
      labels.fill(id, y * width + x0, y * width + x);
    }
    previous = runs;
  }
  const { list, index } = joined(boxes, find);
  for (let i = 0; i < labels.length; i += 1) if (certain(labels[i]) >= 0) labels[i] = certain(index[find(certain(labels[i]))]);
  return { list, labels };
}
