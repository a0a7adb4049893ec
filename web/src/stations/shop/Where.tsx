import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Money, OtherProblem } from '../../kit/kit';

/** What the same list comes to in one shop and in several; a tap says where the household goes. */
export function Where({ sums }: { sums: Schema['ShopSum'][] }) {
  const go = useAct('list', (key, body: Schema['ShopsInput']) =>
    answer(api.POST('/api/shop/shops', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  if (sums.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="where" className="mt-5">
      <h2 id="where" className="mb-2 text-xl">
        Where it is bought
      </h2>
      <div className="flex flex-col gap-2">
        {sums.map((sum) => (
          <button
            key={sum.shops.join(' and ')}
            type="button"
            aria-pressed={sum.going}
            disabled={go.busy}
            className={`btn h-auto min-h-11 flex-col items-stretch gap-0 py-2 text-left ${sum.going ? 'btn-primary [&_*]:!text-inherit' : 'btn-outline'}`}
            onClick={() => go.act({ shops: sum.shops })}
          >
            <span className="flex justify-between gap-3">
              {sum.shops.join(' and ')} <Money amount={sum.cost} complete={sum.complete} />
            </span>
            {sum.elsewhere > 0 && (
              <span className="text-sm font-normal">
                {sum.elsewhere === 1 ? '1 thing was' : `${sum.elsewhere} things were`} never seen there
              </span>
            )}
            {sum.saves && (
              <span className="text-sm font-normal">
                saves {sum.saves}
                {sum.worth ? ': worth the way' : ': hardly worth the way'}
              </span>
            )}
          </button>
        ))}
      </div>
      <OtherProblem problem={go.problem} fields={[]} />
    </section>
  );
}
