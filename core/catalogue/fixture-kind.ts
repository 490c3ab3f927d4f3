import type { Size } from '../home/room-schema';
import type { Height } from '../home/scales';
import type { SurfaceName } from '../home/surfaces';

/** A kind of fixture: where one is usually found, how big it is when nobody has measured, and what it is made of. */
export type FixtureKind = {
  readonly name: string;
  readonly synonyms?: readonly string[];
  readonly height: Height;
  /** Part of the room itself; it runs along the whole strip. */
  readonly shell?: true;
  /** Holds belongings, so that its fullness counts. */
  readonly holds?: string;
  readonly size: Size;
  /** The first is taken when nobody says. */
  readonly surfaces: readonly SurfaceName[];
};
