import type { Schema } from '../../api/client';
import { styleWords } from '../../kit/words';

/** What is done now, and what waits on the label. */
export function CookSteps({ plan }: { plan: Schema['CookPlan'] }) {
  return (
    <section aria-label="Steps">
      <h2 className="mb-2 text-2xl">Now</h2>
      {plan.now.length === 0 && <p className="quiet">No steps are written down.</p>}
      <ol className="list-decimal pl-6 text-lg">
        {plan.now.map((step) => (
          <li key={step} className="py-1">
            {step}
          </li>
        ))}
      </ol>
      {plan.later.length > 0 && (
        <>
          <p className="mt-3 border-t-2 border-dashed border-primary pt-1 font-bold text-primary">
            stop here: {styleWords[plan.style]} · the rest goes on the label
          </p>
          <ol className="quiet list-decimal pl-6">
            {plan.later.map((step) => (
              <li key={step} className="py-1">
                {step}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
