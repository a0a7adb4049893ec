import { useTitles } from '../api/queries';
import { minuteWords } from './words';

/** Recipes whose name holds what is typed. */
export function Suggestions({ text, choose }: { text: string; choose: (title: string) => void }) {
  const titles = useTitles(text.trim()).data ?? [];
  const fit = titles.filter((one) => one.title.toLowerCase() !== text.trim().toLowerCase()).slice(0, 5);
  return (
    <div className="mt-1 flex flex-wrap gap-1">
      {fit.map((recipe) => (
        <button
          key={recipe.id}
          type="button"
          className="btn btn-ghost btn-sm min-h-11"
          onClick={() => choose(recipe.title)}
        >
          {recipe.title}
          {recipe.minutes > 0 && <span className="quiet figure"> {minuteWords(recipe.minutes)}</span>}
        </button>
      ))}
    </div>
  );
}
