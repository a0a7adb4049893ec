import { Route, Routes } from 'react-router';
import { Ribbon } from './kit/Ribbon';
import { Spine } from './kit/Spine';
import { doors, useKeys } from './kit/useKeys';
import { Cook } from './stations/cook/Cook';
import { CookRecipe } from './stations/cook/CookRecipe';
import { Costs } from './stations/costs/Costs';
import { Eat } from './stations/eat/Eat';
import { Household } from './stations/household/Household';
import { OnHand } from './stations/onhand/OnHand';
import { Pack } from './stations/pack/Pack';
import { Plan } from './stations/plan/Plan';
import { Book } from './stations/recipes/Book';
import { RecipeEditor } from './stations/recipes/RecipeEditor';
import { RecipePage } from './stations/recipes/RecipePage';
import { Shop } from './stations/shop/Shop';
import { Stretch } from './stations/stretch/Stretch';
import { History } from './stations/today/History';
import { Today } from './stations/today/Today';

/** The spine on the left, the two weeks on top, the station below. */
export function App() {
  const keys = useKeys();
  return (
    <div className="flex flex-col-reverse md:flex-row">
      <Spine />
      <div className="min-w-0 flex-1">
        <Ribbon />
        <main className="mx-auto max-w-[1240px] px-4 pt-6 pb-28 md:px-6">
          <Routes>
            <Route path="/" element={<Today />} />
            <Route path="/eat" element={<Eat />} />
            <Route path="/onhand" element={<OnHand />} />
            <Route path="/stretch" element={<Stretch />} />
            <Route path="/plan" element={<Plan />} />
            <Route path="/shop" element={<Shop />} />
            <Route path="/costs" element={<Costs />} />
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
