import { nanoid } from '@reduxjs/toolkit';
import { App, Button } from 'antd';
import type { Block } from '../../../core/session/block';
import { takeLines } from '../../../core/session/editLines';
import { freshLines } from '../../../core/session/lineSet';
import { api } from '../../app/api';
import { whyRefused } from '../../app/problemIn';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { blockChanged, blockReplaced } from './draft';
import { linesWithin } from './linesWithin';

interface Props {
  readonly block: Block;
  readonly origin: NonNullable<Block['origin']>;
}

/** Where a block was put in from: taken over anew where the passage has been changed since, or kept as its next version. */
export function PassageOrigin({ block, origin }: Props) {
  const dispatch = useAppDispatch();
  const { message } = App.useApp();
  const session = useAppSelector(({ draft }) => draft.book.present);
  const { data: passages } = api.usePassagesQuery();
  const [keep, { isLoading }] = api.useKeepPassageMutation();
  const passage = passages?.find(({ id }) => id === origin.passageId);
  if (!passage || !session) return null;

  const takeOver = () => {
    const lines = freshLines(passage.lines, () => nanoid(8));
    const to = { name: passage.name, origin: { passageId: passage.id, version: passage.version } };
    dispatch(blockReplaced({ id: block.id, lines, to }));
  };
  const keepAs = async () => {
    const { items, blocks } = takeLines(session, linesWithin(session, block.id));
    const inner = blocks.filter(({ id }) => id !== block.id).map((one) => ({ ...one, within: null }));
    const lines = {
      items: items.map((item) => (item.block === block.id ? { ...item, block: null } : item)),
      blocks: inner,
    };
    const version = passage.version + 1;
    const answer = await keep({ ...passage, lines, version });
    if (answer.error) {
      void message.error(whyRefused(answer.error));
      return;
    }
    dispatch(blockChanged({ id: block.id, to: { origin: { passageId: passage.id, version } } }));
    void message.success(`“${passage.name}” is kept as it is here.`);
  };
  return passage.version > origin.version ? (
    <Button size="small" onClick={takeOver}>
      “{passage.name}” has changed since: take it over
    </Button>
  ) : (
    <Button size="small" type="text" loading={isLoading} onClick={keepAs}>
      Keep as the passage
    </Button>
  );
}
