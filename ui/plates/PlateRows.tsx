/** Rows of a plate as they were read: ratings by volts, functions by letter. */
export function PlateRows({ title, rows, toConfirm }: { title: string; rows: readonly Record<string, unknown>[]; toConfirm?: boolean }) {
  const plain = rows.every((row) => typeof row === 'object' && row !== null);
  const columns = plain ? [...new Set(rows.flatMap((row) => Object.keys(row)))] : [];
  const shown = (value: unknown) => (value === undefined ? '–' : Array.isArray(value) ? value.join('/') : String(value));
  const head = (name: string) =>
    name
      .replace(/List$/, '')
      .replace(/Amps$/, ', A')
      .replace(/Kilowatts$/, ', kW')
      .replace(/^volts$/, 'V')
      .replace(/([a-z])([A-Z0-9])/g, '$1 $2');
  return (
    <div style={{ overflowX: 'auto', marginTop: 8 }}>
      <table className="rows">
        <caption className="over">
          {title}
          {toConfirm ? ', to confirm' : ''}
        </caption>
        {plain && (
          <thead>
            <tr>
              {columns.map((name) => (
                <th key={name} scope="col">
                  {head(name)}
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
