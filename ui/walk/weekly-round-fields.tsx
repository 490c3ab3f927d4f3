import { ROUND_PART_NAMES, ROUND_PARTS, type RoundPart, type WeeklyRound } from '@/core/home/weekly-round';
import type { Member } from '@/core/people/member';
import { css } from '@/ui/theme/made/css';
import { Check } from '../parts/check';
import { NativeSelect } from '../parts/native-select';

type WeeklyRoundFieldsProps = {
  readonly round: WeeklyRound;
  readonly people: readonly Pick<Member, 'id' | 'name'>[];
  readonly onSay: (round: WeeklyRound) => void;
};

/** What is done every week anyhow, and by whom: it is out of the deep clean by itself. */
export function WeeklyRoundFields({ round, people, onSay }: WeeklyRoundFieldsProps) {
  const { covers, who } = round;
  const cover = (part: RoundPart, checked: boolean) =>
    onSay({
      ...round,
      covers: ROUND_PART_NAMES.filter((one) => (one === part ? checked : covers.includes(one))),
    });
  return (
    <fieldset className={css({ border: 0, p: 0, m: 0 })}>
      <legend className={css({ textStyle: 'body', m: 0, fontWeight: 620, mb: 0.5 })}>
        The weekly round does
      </legend>
      <div className={css({ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' } })}>
        {ROUND_PART_NAMES.map((part) => (
          <Check
            key={part}
            label={ROUND_PARTS[part].name}
            checked={covers.includes(part)}
            onChange={(checked) => cover(part, checked)}
          />
        ))}
      </div>
      <p className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet', mb: 1.5 })}>
        What it does is out of the deep clean; any job of it can be done after all, under Hours. Floors stay
        in: all that comes down ends up there.
      </p>
      {covers.length > 0 && people.length > 0 && (
        <NativeSelect
          label="Who does the round"
          value={people.some(({ id }) => id === who) ? (who ?? '') : ''}
          none="whoever has time"
          options={people.map(({ id, name }) => [id, name])}
          onChange={(next) => onSay({ covers, ...(next !== '' && { who: next }) })}
        />
      )}
    </fieldset>
  );
}
