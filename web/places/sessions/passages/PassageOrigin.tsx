import { nanoid } from '@reduxjs/toolkit';
import { App, Button } from 'antd';
import { takeLines } from '../../../../core/session/edit/editLines';
import type { Block } from '../../../../core/session/plan/block';
import { freshLines, isSameSet, type LineSet } from '../../../../core/session/plan/lineSet';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { selectSession, useDeskSelector } from '../draft/draftStore';
import { useEdits } from '../draft/useEdits';
import { linesWithin } from './linesWithin';

/** What a block holds, by itself. */
function linesOf(session: Session, blockId: string): LineSet {
  const { items, blocks } = takeLines(session, linesWithin(session, blockId));
  return {
    items: items.map((item) => (item.block === blockId ? { ...item, block: null } : item)),
    blocks: blocks
      .filter(({ id }) => id !== blockId)
      .map((one) => ({ ...one, within: one.within === blockId ? null : one.within })),
  };
}

interface Props {
  readonly block: Block;
  readonly origin: NonNullable<Block['origin']>;
}

/** Where a block was put in from: taken over anew where the passage has been changed since, or kept as its next version. */
export function PassageOrigin({ block, origin }: Props) {
  const edit = useEdits();
  const { message } = App.useApp();
  const session = useDeskSelector(selectSession);
  const { data: passages } = api.usePassagesQuery();
  const [keep, { isLoading }] = api.useKeepPassageMutation();
  const passage = passages?.find(({ id }) => id === origin.passageId);
  if (!passage || !session) return null;

  const takeOver = () => {
    const lines = freshLines(passage.lines, () => nanoid(8));
    const to = { name: passage.name, origin: { passageId: passage.id, version: passage.version } };
    edit([{ kind: 'refill', blockId: block.id, lines, to }]);
  };
  const lines = linesOf(session, block.id);
  const keepAs = async () => {
    const version = passage.version + 1;
    const answer = await keep({ ...passage, lines, version });
    if (answer.error) {
      void message.error(whyRefused(answer.error));
      return;
    }
    edit([{ kind: 'block', blockId: block.id, to: { origin: { passageId: passage.id, version } } }]);
    void message.success(`“${passage.name}” is kept as it is here.`);
  };
  if (passage.version > origin.version)
    return (
      <Button size="small" onClick={takeOver}>
        “{passage.name}” has changed since: take it over
      </Button>
    );
  // Where nothing was changed there is nothing to keep.
  if (isSameSet(lines, passage.lines)) return null;
  return (
    <Button size="small" type="text" loading={isLoading} onClick={keepAs}>
      Keep as the passage
    </Button>
  );
}
