import type { FoundThing } from '@/core/day/run';
import { roomsOf } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { jobsWithProducts } from '@/present/supplies/own-product-jobs';
import { type SuppliesScreen, suppliesScreen } from '@/present/supplies/supplies-model';
import { type WashScreen, washScreen } from '@/present/supplies/wash-model';
import { washLead } from '@/present/supplies/wash-words';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { ViewSwitch } from '../parts/view-switch';
import { Cupboard } from './cupboard';
import { FoundThings, type SettleAct } from './found-things';
import { LeavingPage } from './leaving-page';
import { MixingCards } from './mixing-cards';
import { OwnProducts } from './own-products';
import { Shelf } from './shelf';
import { ShoppingList } from './shopping-list';
import { Wash } from './wash';

const VIEWS = {
  buy: { href: '/supplies', name: 'To buy' },
  cupboard: { href: '/supplies/cupboard', name: 'In the cupboard' },
  mix: { href: '/supplies/mix', name: 'To mix' },
  wash: { href: '/supplies/wash', name: 'The wash' },
  own: { href: '/supplies/own', name: 'Your own' },
  leaving: { href: '/supplies/leaving', name: 'What leaves' },
} as const;
type View = keyof typeof VIEWS;

const PAPERS: Partial<Record<View, string>> = {
  buy: '/paper/shopping',
  mix: '/paper/mixing',
  wash: '/paper/wash',
};

export function isSuppliesView(name: string): name is View {
  return Object.hasOwn(VIEWS, name);
}

type SuppliesPageProps = {
  readonly state: Current;
  readonly view: View;
  /** Written down in the middle of a day's work, and not settled yet. */
  readonly found: readonly FoundThing[];
  readonly actions: ChangeActions;
  readonly settle: SettleAct;
};

/** What the work takes: what to buy, what is there, and how it is mixed. */
export function SuppliesPage(props: SuppliesPageProps) {
  const { state, view, found } = props;
  if (state.tasks.length === 0) return <NoWorkYet />;
  const screen = suppliesScreen(state);
  const washed = washScreen(state);
  return (
    <>
      <ViewSwitch label="Supplies" views={Object.values(VIEWS)} here={VIEWS[view].href} />
      <PageHead
        title={TITLES[view](screen, found.filter(({ find }) => find === 'buy').length)}
        {...(PAPERS[view] && { paper: PAPERS[view] })}
      >
        {LEADS[view](screen, washed)}
      </PageHead>
      {view === 'buy' && <ToBuy {...props} screen={screen} />}
      {view === 'cupboard' && <Cupboard screen={screen} edits={state.edits} actions={props.actions} />}
      {view === 'mix' && <MixingCards screen={screen} />}
      {view === 'wash' && <Wash screen={washed} />}
      {view === 'leaving' && (
        <LeavingPage
          leaving={state.household.leaving}
          home={state.household.home}
          people={state.household.people}
          edits={state.edits}
          actions={props.actions}
        />
      )}
      {view === 'own' && (
        <OwnProducts
          products={state.household.catalogue.products}
          jobs={jobsWithProducts(state)}
          edits={state.edits}
          actions={props.actions}
        />
      )}
    </>
  );
}

function NoWorkYet() {
  return (
    <>
      <PageHead title="Supplies">What is needed follows from the work, and the work from the walk.</PageHead>
      <LinkButton href="/walk" variant="contained" size="large">
        Go to the walk
      </LinkButton>
    </>
  );
}

function ToBuy({ state, found, actions, settle, screen }: SuppliesPageProps & { screen: SuppliesScreen }) {
  const roomNames = new Map(roomsOf(state.household.home).map(({ id, name }) => [id, name]));
  const toBuy = found.filter(({ find }) => find === 'buy');
  const texts = toBuy.map(({ text }) => text);
  return (
    <div className={css({ display: 'flex', flexDirection: 'column' })}>
      {/* In the shop, with the phone in hand, the list comes first. */}
      <div className={css({ order: { base: 1, md: 0 }, mt: { base: 4, md: 1 }, mb: { base: 0, md: 3 } })}>
        <Shelf things={screen.shelf} />
      </div>
      <ShoppingList screen={screen} found={texts} edits={state.edits} actions={actions} />
      <FoundThings
        title="Written down on the way"
        settled="Bought"
        found={toBuy}
        today={state.today}
        roomNames={roomNames}
        settle={settle}
      />
      <FoundThings
        title="To use up soon"
        settled="Used up"
        found={found.filter(({ find }) => find === 'use')}
        today={state.today}
        roomNames={roomNames}
        settle={settle}
      />
      {!screen.planned && (
        <p className={css({ textStyle: 'body', m: 0, mt: 2, color: 'quiet' })}>
          Days follow once the work is spread: then each line says by when it is needed.
        </p>
      )}
    </div>
  );
}

const TITLES: Record<View, (screen: SuppliesScreen, found: number) => string> = {
  buy: ({ shopping }, found) =>
    shopping.length + found === 0
      ? 'Everything is in the house'
      : `${count(shopping.length + found, 'thing', 'things')} to buy`,
  cupboard: () => 'In the cupboard',
  mix: () => 'To mix',
  wash: () => 'The wash',
  own: () => 'Products of your own',
  leaving: () => 'What leaves, and what moves',
};

const LEADS: Record<View, (screen: SuppliesScreen, wash: WashScreen) => string> = {
  buy: ({ shopping, total }) =>
    shopping.length === 0
      ? 'What is left of the clean takes nothing that is not there.'
      : `In whole packs, ${total} together at made-up prices. Whoever has it all before the start never has to leave the room for it.`,
  cupboard: () => 'What is there, and how much is left by now. What is past its date does not count.',
  mix: () => 'Exactly so much for the bucket and the bottle you have. The label of the product comes first.',
  wash: (_screen, wash) => washLead(wash),
  leaving: () =>
    'Where things go that are not to stay, when those places are open, and what gets another place in the house.',
  own: () =>
    'What you mix yourself, and bottles that the list does not know. They are chosen, measured, mixed, bought and kept apart from what they must not meet like all others.',
};
