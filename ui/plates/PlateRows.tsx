import { ratingColumns } from '@/core/fields/rating-columns';
import { wordText } from '@/core/language/word-text';
import swapStyle from '@/ui/styles/swap.module.css';

const own: Readonly<Record<string, string>> = {
  volts: 'V',
  voltsList: 'V',
  kind: 'AC or DC',
  polesInSeries: 'Poles in series',
  phases: 'Phases',
  hp: 'HP',
  kilowatts: 'kW',
  ac3Kilowatts: 'AC-3, kW',
  amps: 'A',
  icuAmps: 'Icu, A',
  icsAmps: 'Ics, A',
  fullLoadAmps: 'FLA, A',
  powerFactor: 'cos φ',
  rpm: 'rpm',
  loadType: 'Load',
  minimumAmps: 'Min. load, A',
  letter: 'Letter',
  word: 'Function',
};

/** What stands over a column: the name that plates print, with its unit. Example: 'LRA, A'. */
export function rowHead(name: string): string {
  const column = ratingColumns.find((one) => one.name === name);
  if (column) return column.unit === 'A' ? `${column.label}, A` : column.label;
  const words = own[name] ?? wordText(name.replace(/(Amps|Volts|Percent|Seconds)$/, ''));
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Rows of a plate as they were read: ratings by volts, functions by letter. */
export function PlateRows({ title, rows, toConfirm }: { title: string; rows: readonly Record<string, unknown>[]; toConfirm?: boolean }) {
  const plain = rows.every((row) => typeof row === 'object' && row !== null);
  const columns = plain ? [...new Set(rows.flatMap((row) => Object.keys(row)))] : [];
  const shown = (value: unknown) => (value === undefined ? '–' : Array.isArray(value) ? value.join('/') : wordText(String(value)));
  return (
    <div style={{ overflowX: 'auto', marginTop: 8 }}>
      {/* eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself */}
      <table className={swapStyle.rows}>
        <caption className="over">
          {title}
          {toConfirm ? ', to confirm' : ''}
        </caption>
        {plain && (
          <thead>
            <tr>
              {columns.map((name) => (
                <th key={name} scope="col">
                  {rowHead(name)}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {plain ? (
            rows.map((row, i) => (
              <tr key={i}>
                {columns.map((name) => (
                  <td key={name} className="figure">
                    {shown(row[name])}
                  </td>
                ))}
              </tr>
            ))
          ) : (
            <tr>
              <td className="figure">{rows.map(shown).join(' to ')}</td>
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}
