import type { StripLines, StripThing } from '@/present/paper/sheet';
import looks from './sheet.module.css';

/** A room unrolled in black lines: hatched where something is to do, with the numbers of its jobs. */
export function StripDrawing({ strip: { rows, round } }: { strip: StripLines }) {
  return (
    <>
      {round.length > 0 && (
        <p>All round: {round.map((thing, i) => `${i > 0 ? ', ' : ''}${withNumbers(thing)}`)}</p>
      )}
      {rows.map(({ stops, heights }) => (
        <table key={stops.join('\n')} className={`${looks.table} ${looks.strip}`}>
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Height</span>
              </th>
              {stops.map((stop, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: stops may have one name and never move
                <th key={i} scope="col">
                  {stop}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {heights.map(({ name, cells }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {cells.map((things, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: cells never move
                  <td key={i}>
                    {things.map((thing, j) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: things never move
                      <Thing key={j} thing={thing} />
                    ))}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </>
  );
}

function Thing({ thing }: { thing: StripThing }) {
  return (
    <span className={`${looks.thing} ${thing.numbers.length > 0 ? looks.toDo : looks.clear}`}>
      {withNumbers(thing)}
    </span>
  );
}

function withNumbers({ name, numbers }: StripThing): string {
  return numbers.length > 0 ? `${name} (${numbers.join(', ')})` : name;
}
