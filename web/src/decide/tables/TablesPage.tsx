import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import { refusals, sentence } from '../../api/problem';
import type { PracticeTable } from '../../api/types';
import { Scrollable } from '../../ground/Scrollable';
import { Show } from '../../ground/State';
import { useKept } from '../../ground/useKept';
import { mayWrite, useMe } from '../../people/session';
import { asSent, asTyped, emptyRow, type TableRow } from './tableForm';

/** The tables that sums and advice go by, as they ship or as the practice keeps them. */
export default function TablesPage() {
  const tables = useQuery({
    queryKey: keys.tables,
    queryFn: ({ signal }) => take(api.GET('/api/tables', { signal })) as Promise<PracticeTable[]>,
  });
  return (
    <div className="mx-auto max-w-[60rem] py-2">
      <h1>Tables</h1>
      <p className="text-faded">
        What sums and advice go by. A change is a new version; results that were counted keep theirs.{' '}
        <Link className="link" to="/prices">
          Prices
        </Link>{' '}
        and{' '}
        <Link className="link" to="/yardsticks">
          yardsticks
        </Link>{' '}
        have pages of their own.
      </p>
      <Show of={tables}>
        {(all) => all.map((table) => <Folded key={`${table.id} ${table.version}`} table={table} />)}
      </Show>
    </div>
  );
}

function Folded({ table }: { table: PracticeTable }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="border-t border-rule" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-12 cursor-pointer flex-wrap items-baseline gap-x-4 py-2">
        <h2 className="text-[1.15rem]">{table.name}</h2>
        <span className="text-sm text-faded">
          {table.version === 0 ? 'as it ships' : `the practice’s own, version ${table.version}`},{' '}
          {table.rows.length} {table.rows.length === 1 ? 'row' : 'rows'}
        </span>
      </summary>
      {open && <Editor table={table} />}
    </details>
  );
}

function Editor({ table }: { table: PracticeTable }) {
  const me = useMe();
  const may = mayWrite(me);
  const queries = useQueryClient();
  const [rows, setRows, forget] = useKept<TableRow[]>(
    `table:${table.id}:${table.version}`,
    1,
    asTyped(table.rows),
  );
  const [fault, setFault] = useState<unknown>(null);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;
  const set = (i: number, row: TableRow) => setRows(rows.map((one, j) => (j === i ? row : one)));

  async function submit(event: FormEvent) {
    event.preventDefault();
    try {
      await take(
        api.PUT('/api/tables/{id}', {
          params: { path: { id: table.id } },
          body: { rows: asSent(rows), version: table.version },
        }),
      );
      forget();
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.tables });
      await queries.invalidateQueries({ queryKey: ['visit'] });
    } catch (error) {
      setFault(error);
    }
  }

  async function asItShips() {
    const shipped = (await take(
      api.GET('/api/tables/{id}', { params: { path: { id: table.id }, query: { version: 0 } } }),
    )) as PracticeTable;
    setRows(asTyped(shipped.rows));
  }

  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="pb-6">
      <p>{table.about}</p>
      <p className="text-sm text-faded">{table.source}.</p>
      <Scrollable label={table.name}>
        <table className="mt-3">
          <thead>
            <tr className="text-left text-sm text-faded">
              <th scope="col" className="pr-4 font-normal">
                <span className="sr-only">what it is of</span>
              </th>
              {table.columns.map((column) => (
                <th key={column.key} scope="col" className="pr-3 pb-1 align-bottom font-normal">
                  {column.label}
                  {column.unit && `, ${column.unit}`}
                  <span className="block">
                    {column.min} to {column.max}
                  </span>
                </th>
              ))}
              <th scope="col">
                <span className="sr-only">leave out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={i} className="border-t border-rule align-top">
                <th scope="row" className="py-1 pr-4 text-left font-medium whitespace-nowrap">
                  {table.open && may ? (
                    <input
                      aria-label={`Name of row ${i + 1}`}
                      className="w-40"
                      value={row.key}
                      aria-invalid={at(`/rows/${i}/key`) ? true : undefined}
                      onChange={(event) => set(i, { ...row, key: event.target.value })}
                    />
                  ) : (
                    row.key.replaceAll('-', ' ')
                  )}
                  <Fault text={at(`/rows/${i}/key`)} />
                </th>
                {table.columns.map((column, c) => (
                  <td key={column.key} className="py-1 pr-3">
                    <input
                      aria-label={`${row.key.replaceAll('-', ' ')}, ${column.label}`}
                      className="num w-18"
                      inputMode="decimal"
                      readOnly={!may}
                      value={row.values[c] ?? ''}
                      aria-invalid={at(`/rows/${i}/values/${c}`) ? true : undefined}
                      onChange={(event) =>
                        set(i, {
                          ...row,
                          values: row.values.map((one, j) => (j === c ? event.target.value : one)),
                        })
                      }
                    />
                    <Fault text={at(`/rows/${i}/values/${c}`)} />
                  </td>
                ))}
                <td className="py-1">
                  {table.open && may && (
                    <button
                      type="button"
                      className="link min-h-11 text-sm whitespace-nowrap"
                      aria-label={`Leave out ${row.key.replaceAll('-', ' ')}`}
                      onClick={() => setRows(rows.filter((_, j) => j !== i))}
                    >
                      leave out
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      <Fault
        text={at('/rows') ?? (fault !== null && refusals(fault).length === 0 ? sentence(fault) : undefined)}
      />
      {may && (
        <p className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
          <button type="submit" className="button button-main">
            Keep this table
          </button>
          {table.open && (
            <button
              type="button"
              className="link min-h-11"
              onClick={() => setRows([...rows, emptyRow(table)])}
            >
              One more row
            </button>
          )}
          {table.version > 0 && (
            <button type="button" className="link min-h-11" onClick={() => void asItShips()}>
              Fill in what ships
            </button>
          )}
        </p>
      )}
    </form>
  );
}

function Fault({ text }: { text: string | undefined }) {
  return text ? (
    <span className="block max-w-52 text-sm font-normal whitespace-normal text-warn" role="alert">
      {text}
    </span>
  ) : null;
}
