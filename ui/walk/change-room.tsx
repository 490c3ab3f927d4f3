'use client';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { type Fixture, fixturesOf, type Room, VENTILATIONS } from '@/core/home/room';
import type { SurfaceName } from '@/core/home/surfaces';
import type { FormValues } from '@/present/forms/schemas';
import { VENTILATION_WORDS } from '@/present/walk/fact-words';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { FormLength } from '../forms/length';
import { SelectField } from '../forms/select-field';
import { TickList } from '../forms/tick-list';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { newId } from '../state/new-id';
import { useCommand } from '../state/use-command';
import { RoomSizes } from './room-sizes';

type OtherRoom = Pick<Room, 'id' | 'name'>;

export type ChangeRoomProps = {
  readonly room: Room;
  readonly others: readonly OtherRoom[];
  readonly actions: ChangeActions;
};

/** What is said of the room as a whole, and what each answer is used for; copies it, or takes it off the walk. */
export function ChangeRoom({ room, others, actions }: ChangeRoomProps) {
  const [saved, setSaved] = useState('');
  const { form, submit, sentence } = useActionForm(
    'roomFacts',
    factsOf(room),
    (facts, id) => actions.change({ id, input: { do: 'change-room', id: room.id, facts } }),
    () => setSaved('Kept.'),
  );
  const leaving = useLeaving(room, actions);
  return (
    <form
      noValidate
      onSubmit={submit}
      onChange={() => setSaved('')}
      aria-label="About the room"
      className={css({ display: 'flex', flexDirection: 'column', gap: 2.5, maxWidth: 620 })}
    >
      <Sentence>{sentence ?? leaving.fault}</Sentence>
      <Field form={form} name="name" label="Name" />
      <Measures form={form} room={room} />
      <Finishes form={form} room={room} />
      {others.length > 0 && (
        <TickList
          form={form}
          name="opensTo"
          legend="The floor runs on, without a door, into"
          options={others.map(({ id, name }) => [id, name])}
        >
          <Use>The tools for the floor are then set up once for both.</Use>
        </TickList>
      )}
      <div
        className={css({
          display: 'flex',
          flexDirection: 'row',
          gap: 2,
          alignItems: 'center',
          flexWrap: 'wrap',
        })}
      >
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep
        </Button>
        <span role="status">{saved}</span>
        <Button onClick={leaving.copy} className={css({ ml: { sm: 'auto' } })}>
          Copy this room
        </Button>
        <Button color="inherit" onClick={leaving.drop}>
          Take this room off the walk
        </Button>
      </div>
    </form>
  );
}

/** What leads to another page: to the copy, or back to the walk. */
function useLeaving(room: Room, actions: ChangeActions) {
  const router = useRouter();
  const { send, fault } = useCommand();
  const leave = (change: object, to: string) =>
    send(actions.change, change, { onKept: () => router.push(to) });
  return {
    fault,
    copy: () => {
      const as = newId();
      leave({ do: 'copy-room', id: room.id, as, name: `${room.name}, copy`.slice(0, 80) }, `/walk/${as}`);
    },
    drop: () => leave({ do: 'drop-room', id: room.id }, '/walk'),
  };
}

function Measures({ form, room }: { form: Form; room: Room }) {
  return (
    <div>
      <RoomSizes
        kind={room.kind}
        onChoose={(lengthM, widthM) => {
          form.setValue('lengthM', lengthM, { shouldValidate: true });
          form.setValue('widthM', widthM, { shouldValidate: true });
        }}
      />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, mt: 1.5 })}>
        <FormLength form={form} name="lengthM" label="Length" />
        <FormLength form={form} name="widthM" label="Width" />
        <FormLength form={form} name="heightM" label="Height" />
      </div>
      <Use>Ceiling, walls, skirting and floor are counted from these.</Use>
    </div>
  );
}

/** What floor and walls are made of, where the room has them, and how air comes in. */
function Finishes({ form, room }: { form: Form; room: Room }) {
  const { floor, walls } = factsOf(room);
  return (
    <>
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
        {floor && (
          <Finish
            form={form}
            name="floor"
            label="Floor"
            options={[...FIXTURE_KINDS['hard-floor'].surfaces, 'carpet']}
          />
        )}
        {walls && <Finish form={form} name="walls" label="Walls" options={FIXTURE_KINDS.walls.surfaces} />}
        <SelectField
          form={form}
          name="ventilation"
          label="Air comes in by"
          options={VENTILATIONS.map((one) => [one, VENTILATION_WORDS[one]])}
        />
      </div>
      <Use>
        Floor and walls choose how they are cleaned. Without window or fan, a wet floor takes 1.5 times as
        long to dry, and strong products carry a caution.
      </Use>
    </>
  );
}

type Form = ReturnType<typeof useActionForm<'roomFacts'>>['form'];

function factsOf(room: Room): FormValues<'roomFacts'> {
  const { name, lengthM, widthM, heightM, ventilation, opensTo } = room;
  const floor = surfaceIn(room, 'hard-floor') ?? surfaceIn(room, 'carpet');
  const walls = surfaceIn(room, 'walls');
  return {
    name,
    lengthM,
    widthM,
    heightM,
    ventilation,
    opensTo,
    ...(floor && { floor }),
    ...(walls && { walls }),
  };
}

/** What the room's floor or walls are made of; undefined where the room has none on its strip. */
function surfaceIn(room: Room, kind: 'hard-floor' | 'carpet' | 'walls'): SurfaceName | undefined {
  const fixture: Fixture | undefined = fixturesOf(room).find((known) => known.kind === kind);
  return fixture && ((fixture.surface as SurfaceName | undefined) ?? FIXTURE_KINDS[kind].surfaces[0]);
}

type FinishProps = {
  readonly form: Form;
  readonly name: 'floor' | 'walls';
  readonly label: string;
  readonly options: readonly string[];
};

function Finish({ form, name, label, options }: FinishProps) {
  return (
    <SelectField form={form} name={name} label={label} options={options.map((option) => [option, option])} />
  );
}

/** What an answer is used for. */
function Use({ children }: { children: ReactNode }) {
  return (
    <p className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet', mt: 0.5 })}>
      {children}
    </p>
  );
}
