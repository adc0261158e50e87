import { App } from 'antd';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

/** Turns whether somebody was in a class, given who was so far; a refusal is said. */
export function useTurnCame(): (logId: string, marked: readonly string[], id: string) => Promise<void> {
  const [note] = api.useNoteCameMutation();
  const { message } = App.useApp();
  return async (logId, marked, id) => {
    const people = marked.includes(id) ? marked.filter((one) => one !== id) : [...marked, id];
    try {
      await note({ logId, people }).unwrap();
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
}
