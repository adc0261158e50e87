import { Button } from 'antd';
import { lineTitle } from '../../../../../core/session/plan/lineTitle';
import { matchItem } from '../../../../../core/session/plan/matchItem';
import type { Draft } from '../../../../../core/session/propose/proposeDraft';
import { timelineOf } from '../../../../../core/session/schedule/timeline';
import { minutes } from '../../../../../core/words/clockWords';
import { sectionWord } from '../../../../../core/words/sectionWord';
import { useRepertoire } from '../../../../app/repertoire';

interface Props {
  readonly draft: Draft;
  readonly onTake: () => void;
}

/** A whole class that is proposed, section by section. */
export function DraftChoice({ draft: { plan, reasons, left }, onTake }: Props) {
  const repertoire = useRepertoire();
  const answer = timelineOf(plan, repertoire.find);
  return (
    <section className="compose-choice" data-proposal="draft">
      {plan.sections.map((section, index) => (
        <div key={section.kind} className="compose-section">
          <header>
            <h3>{sectionWord(section.kind)}</h3>
            <span className="number">{answer.ok && minutes(answer.timeline.sections[index]?.lengthMs ?? 0)}</span>
          </header>
          <p>
            {section.items
              .flatMap((item) =>
                matchItem<string[]>(item, {
                  movement: (line) => [`${lineTitle(line, repertoire.find)} ${line.count}`],
                  rest: () => [],
                  talk: ({ seconds }) => [`a break of ${seconds} s`],
                  clock: ({ seconds, note }) => [`${note || 'by the clock'}, ${seconds} s`],
                }),
              )
              .join(', ')}
          </p>
        </div>
      ))}
      {reasons.slice(1).map((reason) => (
        <p key={reason} className="faded">
          {reason}
        </p>
      ))}
      {left.length > 0 && (
        <>
          <p className="compose-over">It could not be brought to rest altogether; what stays:</p>
          <ul>
            {left.map((what) => (
              <li key={what}>{what}</li>
            ))}
          </ul>
        </>
      )}
      <p className="compose-acts">
        <Button type="primary" size="small" onClick={onTake}>
          Take it
        </Button>
      </p>
    </section>
  );
}
