/**
 * What is a picture to the reader of plates? Grey levels, 0 black to 255 white, row by row. Pure functions over them;
 * the browser's worker, the server and the tests hand in the same pixels and get the same strips back.
 */
import { certain } from '../certain';
export type Gray = { width: number; height: number; data: Uint8Array };

export const blankGray = (width: number, height: number, level = 255): Gray => ({
  width,
  height,
  data: new Uint8Array(width * height).fill(level),
});

/** Returns the luma (ITU-R BT.601 weights) of RGBA pixels; a transparent pixel counts as white. */
export function grayOfRgba(rgba: Uint8Array | Uint8ClampedArray, width: number, height: number): Gray {
  const data = new Uint8Array(width * height);
  for (let i = 0, j = 0; i < data.length; i += 1, j += 4) {
    const alpha = certain(rgba[j + 3]);
    const luma = (certain(rgba[j]) * 77 + certain(rgba[j + 1]) * 150 + certain(rgba[j + 2]) * 29) >> 8;
    data[i] = alpha === 255 ? luma : Math.round((luma * alpha + 255 * (255 - alpha)) / 255);
  }
  return { width, height, data };
}

/** Returns the picture with its longer side at most `longest` pixels; every new pixel is the mean of what it covers. */
export function shrinkTo(source: Gray, longest: number): Gray {
  const factor = longest / Math.max(source.width, source.height);
  if (factor >= 1) return source;
  const width = Math.max(1, Math.round(source.width * factor));
  const height = Math.max(1, Math.round(source.height * factor));
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1) {
    const y0 = Math.floor((y * source.height) / height);
    const y1 = Math.max(y0 + 1, Math.floor(((y + 1) * source.height) / height));
    for (let x = 0; x < width; x += 1) {
      const x0 = Math.floor((x * source.width) / width);
      const x1 = Math.max(x0 + 1, Math.floor(((x + 1) * source.width) / width));
      let sum = 0;
      for (let sy = y0; sy < y1; sy += 1) for (let sx = x0; sx < x1; sx += 1) sum += certain(source.data[sy * source.width + sx]);
      data[y * width + x] = Math.round(sum / ((y1 - y0) * (x1 - x0)));
    }
  }
  return { width, height, data };
}

/**
 * Calls `visit` for every pixel with mean and sum of squares of the square window of `2 * radius + 1` pixels around it, from
 * running sums of columns; `count` is the number of pixels in the window.
 */
export function eachWindow(
  { width, height, data }: Gray,
  radius: number,
  visit: (at: number, sum: number, squares: number, count: number) => void,
): void {
  const sums = new Int32Array(width);
  const squares = new Int32Array(width);
  let rows = 0;
  const addRow = (y: number, sign: 1 | -1) => {
    if (y < 0 || y >= height) return;
    rows += sign;
    for (let x = 0, i = y * width; x < width; x += 1, i += 1) {
      const v = certain(data[i]);
      sums[x] = certain(sums[x]) + sign * v;
      squares[x] = certain(squares[x]) + sign * v * v;
    }
  };
  for (let y = 0; y < radius; y += 1) addRow(y, 1);
  for (let y = 0; y < height; y += 1) {
    addRow(y + radius, 1);
    addRow(y - radius - 1, -1);
    let sum = 0;
    let square = 0;
    let columns = 0;
    for (let x = 0; x < Math.min(radius, width); x += 1) {
      sum += certain(sums[x]);
      square += certain(squares[x]);
      columns += 1;
    }
    for (let x = 0, i = y * width; x < width; x += 1, i += 1) {
      if (x + radius < width) {
        sum += certain(sums[x + radius]);
        square += certain(squares[x + radius]);
        columns += 1;
      }
      if (x - radius - 1 >= 0) {
        sum -= certain(sums[x - radius - 1]);
        square -= certain(squares[x - radius - 1]);
        columns -= 1;
      }
      visit(i, sum, square, columns * rows);
    }
  }
}
