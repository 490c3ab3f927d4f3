'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { MOMENTS, type Moment } from '@/core/clean/picture';
import type { RoomPictures } from '@/present/record/pictures-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { ChooseFile } from '../parts/choose-file';
import { NativeSelect, type Option } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { newId } from '../state/new-id';
import { useCommand } from '../state/use-command';
import { shrunk } from './shrink';

type PicturesProps = {
  readonly rooms: readonly RoomPictures[];
  /** Rooms of which one can be taken; none where the clean is long behind. */
  readonly choices: readonly Option[];
  /** The room that one comes from. */
  readonly chosen: string | undefined;
  readonly drop: CommandAction;
};

/** Pictures before and after, in pairs, room by room. */
export function Pictures({ rooms, choices, chosen, drop }: PicturesProps) {
  const command = useCommand();
  if (rooms.length === 0 && choices.length === 0) return null;
  return (
    <section aria-labelledby="pictures" className={css({ mt: 4, maxWidth: 980 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="pictures">
        Before and after
      </h2>
      {rooms.map((room) => (
        <div key={room.room} className={css({ mt: 2 })}>
          <h3 className={css({ textStyle: 'h3', m: 0 })}>{room.place}</h3>
          <div
            className={css({
              display: 'grid',
              gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))',
              gap: 2,
              mt: 1,
            })}
          >
            {room.pictures.map((picture) => (
              <figure key={picture.id} className={css({ m: 0 })}>
                {/* biome-ignore lint/performance/noImgElement: it is small already, and only for who is signed in */}
                <img
                  src={picture.src}
                  alt={picture.words}
                  loading="lazy"
                  style={{ width: '100%', height: 'auto', display: 'block', borderRadius: 6 }}
                />
                <figcaption
                  className={css({
                    display: 'flex',
                    justifyContent: 'space-between',
                    alignItems: 'center',
                    gap: 1,
                  })}
                >
                  <span>{picture.words}</span>
                  <Button
                    aria-label={`Remove the picture: ${picture.words}`}
                    onClick={() => command.send(drop, { id: picture.id })}
                  >
                    Remove
                  </Button>
                </figcaption>
              </figure>
            ))}
          </div>
        </div>
      ))}
      <Sentence>{command.fault}</Sentence>
      {choices.length > 0 && <TakePicture choices={choices} chosen={chosen} />}
    </section>
  );
}

const NO_PICTURE = 'This is no picture that this device can open. Nothing was kept.';
const NO_ANSWER = 'The picture could not be sent. It is still on your device; try again.';

/** The next one is of after where there is one of before. */
function TakePicture({ choices, chosen }: Pick<PicturesProps, 'choices' | 'chosen'>) {
  const router = useRouter();
  const [room, setRoom] = useState(String((choices.find(([id]) => id === chosen) ?? choices[0])?.[0] ?? ''));
  const [moment, setMoment] = useState<Moment>('before');
  const [state, setState] = useState<{
    readonly busy: boolean;
    readonly said: string;
    readonly fault: string;
  }>({
    busy: false,
    said: '',
    fault: '',
  });
  const take = async (file: File) => {
    setState({ busy: true, said: 'Making it small…', fault: '' });
    const small = await shrunk(file);
    if (!small) return setState({ busy: false, said: '', fault: NO_PICTURE });
    const address = `/api/pictures?${new URLSearchParams({ id: newId(), room, moment })}`;
    const answer = await fetch(address, { method: 'POST', body: small })
      .then((response) => response.json() as Promise<{ kept: boolean; sentence: string }>)
      .catch(() => undefined);
    if (!answer?.kept) return setState({ busy: false, said: '', fault: answer?.sentence ?? NO_ANSWER });
    setState({ busy: false, said: answer.sentence, fault: '' });
    router.refresh();
  };
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 2 })}>
      <NativeSelect size="small" label="Picture of" value={room} options={choices} onChange={setRoom} />
      <NativeSelect
        size="small"
        label="Taken"
        value={moment}
        options={MOMENTS.map((one) => [one, `${one} the work`] as const)}
        onChange={(chosen) => setMoment(chosen as Moment)}
      />
      <ChooseFile
        label="Take or choose a picture"
        accept="image/*"
        busy={state.busy}
        onFile={(file) => void take(file)}
      />
      <div role="status" className={css({ flexBasis: '100%' })}>
        {state.said}
      </div>
      <Sentence>{state.fault}</Sentence>
    </div>
  );
}
