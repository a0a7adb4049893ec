import { useEat } from '../../api/queries';
import { Empty, Heading, Waiting } from '../../kit/kit';
import { shortDay } from '../../kit/words';
import { MealCard } from './MealCard';

const likedWords: Record<number, string> = { [-1]: 'would not eat it', 0: 'all right', 1: 'good', 2: 'again soon' };

/** Tonight and the evenings nobody has written down; how things were. */
export function Eat() {
  const eat = useEat().data;
  if (!eat) {
    return <Waiting />;
  }
  return (
    <>
      <Heading
        title={eat.tonight?.dishes[0] ?? 'What did you eat?'}
        below="as planned, something else, out, or some left; saying nothing for a day means as planned"
      />
      <div className="grid items-start gap-8 lg:grid-cols-[3fr_2fr]">
        <div>
          {eat.tonight?.day === eat.today && <MealCard meal={eat.tonight} />}
          {[...eat.alsoToday, ...eat.open].map((meal) => (
            <MealCard key={`${meal.day}-${meal.meal}`} meal={meal} />
          ))}
          {!eat.tonight && eat.open.length === 0 && (
            <Empty to="/plan" go="Plan tonight">
              No evening waits to be written down. Plan one, and say here what became of it.
            </Empty>
          )}
        </div>
        <section aria-labelledby="ratings">
          <h2 id="ratings" className="mb-2 text-2xl">
            How it was
          </h2>
          {eat.ratings.length === 0 && <p className="quiet">Nobody has said anything yet.</p>}
          <ul>
            {eat.ratings.map((rating) => (
              <li key={`${rating.day} ${rating.person}`} className="row grid-cols-[6.5rem_minmax(0,1fr)_auto]">
                <span className="figure">{shortDay(rating.day)}</span>
                <span className="font-semibold">{rating.dish}</span>
                <span className={rating.liked < 0 ? 'font-bold text-accent' : 'quiet'}>
                  {rating.person && `${rating.person} `}
                  {likedWords[rating.liked]}
                </span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
