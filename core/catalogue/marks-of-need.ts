/** Which marks of a part does a line read? What it does not read cannot change its verdict. */
import { coilLayouts, type FigureRef, type Need } from '../needs/need';

function marksOfFigure(figure: FigureRef): readonly string[] {
  switch (figure.kind) {
    case 'field':
    case 'bands':
      return [figure.name];
    case 'rating':
      return ['ratings', figure.polesFrom ?? 'poles'];
    case 'coil-bands':
      return [coilLayouts[figure.which]];
    case 'coil-pull-in':
      return ['coilRated', figure.supply === 'dc' ? 'coilPullInWattsDc' : 'coilInrushVA'];
  }
}

/** Names of the marks in a canonical spec that decide of this line, in order; a test holds that no other is read. */
export function marksOfNeed({ ways, notApplicableWhen }: Need): readonly string[] {
  const figures = ways.flatMap(({ figure, upperEdge, possible, alternative }) => [figure, upperEdge, possible, alternative?.figure]);
  const names = figures.flatMap((figure) => (figure ? marksOfFigure(figure) : []));
  return [...new Set(notApplicableWhen ? [...names, notApplicableWhen.name] : names)].sort();
}
