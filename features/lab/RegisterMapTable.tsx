'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import {
  meterQuantities,
  quantityWords,
  registerForms,
  type MeterQuantity,
  type RegisterEntry,
  type RegisterMap,
} from '@/core/meter/register-map';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { TickBox } from '@/ui/forms/TickBox';

const fresh: RegisterEntry = { table: 'input', address: 0, form: 'float32', factor: 1 };
const heads = ['Quantity', 'Table', 'Address', 'Form', 'Factor', 'Low word first'];

/** Where the meter keeps one quantity. */
function EntryCells({ label, entry, onPut }: { label: string; entry: RegisterEntry; onPut: (part: Partial<RegisterEntry>) => void }) {
  return (
    <>
      <TableCell>
        <SelectBox aria-label={`${label}, table`} value={entry.table} options={['input', 'holding']} onWord={(table) => onPut({ table })} />
      </TableCell>
      <TableCell>
        <TextBox
          style={{ width: 84 }}
          aria-label={`${label}, address`}
          inputMode="numeric"
          value={entry.address}
          onChange={(event) => onPut({ address: Number(event.target.value.replace(/\D/g, '')) || 0 })}
        />
      </TableCell>
      <TableCell>
        <SelectBox aria-label={`${label}, form`} value={entry.form} options={registerForms} onWord={(form) => onPut({ form })} />
      </TableCell>
      <TableCell>
        <TextBox
          style={{ width: 84 }}
          aria-label={`${label}, factor`}
          defaultValue={entry.factor}
          onBlur={(event) => onPut({ factor: Number(event.target.value.replace(',', '.')) || 1 })}
        />
      </TableCell>
      <TableCell>
        <TickBox
          aria-label={`${label}, low word first`}
          checked={entry.lowWordFirst ?? false}
          onTick={(lowWordFirst) => onPut({ lowWordFirst })}
        />
      </TableCell>
    </>
  );
}

/** The register map of the user's own meter, a quantity a row. */
export function RegisterMapTable({ map, onMap }: { map: RegisterMap; onMap: (map: RegisterMap) => void }) {
  const put = (name: MeterQuantity, part: Partial<RegisterEntry>) => onMap({ ...map, [name]: { ...(map[name] ?? fresh), ...part } });
  const drop = (name: MeterQuantity) => onMap(Object.fromEntries(Object.entries(map).filter(([one]) => one !== name)));
  return (
    <TableContainer>
      <Table>
        <caption className="over">Register map, addresses from 0</caption>
        <TableHead>
          <TableRow>
            {heads.map((name) => (
              <TableCell key={name} scope="col">
                {name}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {meterQuantities.map((name) => {
            const entry = map[name];
            const label = quantityWords[name].join(' ');
            return (
              <TableRow key={name}>
                <TableCell component="th" scope="row">
                  <label className="row-flex">
                    <TickBox checked={entry !== undefined} onTick={(ticked) => (ticked ? put(name, {}) : drop(name))} /> {label}
                  </label>
                </TableCell>
                {entry && <EntryCells label={label} entry={entry} onPut={(part) => put(name, part)} />}
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </TableContainer>
  );
}
