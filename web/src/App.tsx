import { lazy, Suspense } from 'react';
import { Route, Routes, useLocation } from 'react-router';
import { useDoor } from './api/queries';
import { Reminders } from './kit/Reminders';
import { Ribbon } from './kit/Ribbon';
import { Silence } from './kit/Silence';
import { Spine } from './kit/Spine';
import { Unloaded } from './kit/Unloaded';
import { doors, useKeys } from './kit/useKeys';

/** A station is loaded when it is opened; the first script holds the frame alone. */
const Cook = lazy(() => import('./stations/cook/Cook').then((station) => ({ default: station.Cook })));
const CookRecipe = lazy(() =>
  import('./stations/cook/CookRecipe').then((station) => ({ default: station.CookRecipe })),
);
const Flow = lazy(() => import('./stations/costs/Flow').then((station) => ({ default: station.Flow })));
const Costs = lazy(() => import('./stations/costs/Costs').then((station) => ({ default: station.Costs })));
const Door = lazy(() => import('./stations/door/Door').then((station) => ({ default: station.Door })));
const Eat = lazy(() => import('./stations/eat/Eat').then((station) => ({ default: station.Eat })));
const Household = lazy(() =>
  import('./stations/household/Household').then((station) => ({ default: station.Household })),
);
const Kitchen = lazy(() => import('./stations/kitchen/Kitchen').then((station) => ({ default: station.Kitchen })));
const OnHand = lazy(() => import('./stations/onhand/OnHand').then((station) => ({ default: station.OnHand })));
const Pack = lazy(() => import('./stations/pack/Pack').then((station) => ({ default: station.Pack })));
const Plan = lazy(() => import('./stations/plan/Plan').then((station) => ({ default: station.Plan })));
const Book = lazy(() => import('./stations/recipes/Book').then((station) => ({ default: station.Book })));
const RecipeEditor = lazy(() =>
  import('./stations/recipes/RecipeEditor').then((station) => ({ default: station.RecipeEditor })),
);
const RecipePage = lazy(() =>
  import('./stations/recipes/RecipePage').then((station) => ({ default: station.RecipePage })),
);
const Shop = lazy(() => import('./stations/shop/Shop').then((station) => ({ default: station.Shop })));
const Stretch = lazy(() => import('./stations/stretch/Stretch').then((station) => ({ default: station.Stretch })));
const History = lazy(() => import('./stations/today/History').then((station) => ({ default: station.History })));
const Today = lazy(() => import('./stations/today/Today').then((station) => ({ default: station.Today })));

/** The spine on the left, the two weeks on top, the station below. */
export function App() {
  const keys = useKeys();
  const { pathname } = useLocation();
  const door = useDoor();
  if (door.data && !door.data.in) {
    return (
      <Suspense fallback={null}>
        <Door />
      </Suspense>
    );
  }
  if (pathname === '/come-in') {
    return (
      <Suspense fallback={null}>
        <Door invited />
      </Suspense>
    );
  }
  if (pathname === '/kitchen') {
    return (
      <Unloaded key={pathname}>
        <Suspense fallback={null}>
          <Kitchen />
        </Suspense>
      </Unloaded>
    );
  }
  return (
    <div className="flex flex-col-reverse md:flex-row">
      <Spine />
      <div className="min-w-0 flex-1">
        <Silence />
        <Reminders />
        <Ribbon />
        <main className="mx-auto max-w-[1240px] px-4 pt-6 pb-28 md:px-6">
          <Unloaded key={pathname}>
            <Suspense fallback={null}>
              <Routes>
                <Route path="/" element={<Today />} />
                <Route path="/eat" element={<Eat />} />
                <Route path="/onhand" element={<OnHand />} />
                <Route path="/stretch" element={<Stretch />} />
                <Route path="/plan" element={<Plan />} />
                <Route path="/shop" element={<Shop />} />
                <Route path="/costs" element={<Costs />} />
                <Route path="/costs/flow/:lot" element={<Flow />} />
                <Route path="/recipes" element={<Book />} />
                <Route path="/recipes/new" element={<RecipeEditor />} />
                <Route path="/recipes/:id" element={<RecipePage />} />
                <Route path="/recipes/:id/edit" element={<RecipeEditor />} />
                <Route path="/cook" element={<Cook />} />
                <Route path="/cook/:recipe" element={<CookRecipe />} />
                <Route path="/pack" element={<Pack />} />
                <Route path="/household" element={<Household />} />
                <Route path="/history" element={<History />} />
                <Route path="*" element={<Nowhere />} />
              </Routes>
            </Suspense>
          </Unloaded>
        </main>
      </div>
      {keys.shown && (
        <section className="enamel fixed right-6 bottom-6 z-50 p-5" aria-label="Keys">
          <h2 className="mb-2 text-xl">Keys</h2>
          <ul>
            {Object.entries(doors).map(([letter, door]) => (
              <li key={letter}>
                <kbd className="kbd kbd-sm">g</kbd> <kbd className="kbd kbd-sm">{letter}</kbd> {door.name}
              </li>
            ))}
          </ul>
          <button type="button" className="btn btn-sm mt-3" onClick={keys.hide}>
            Close
          </button>
        </section>
      )}
    </div>
  );
}

function Nowhere() {
  return (
    <>
      <h1 className="text-4xl">There is nothing here</h1>
      <p className="quiet mt-2">The address leads nowhere; the stations are on the left.</p>
    </>
  );
}
