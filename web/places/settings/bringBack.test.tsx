import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import type { Comparison, KeepingProgress } from '../../../core/formats/api/keepingApi';
import { renderWith } from '../../testing/renderDesk';
import { BringBack, type Source } from './BringBack';

/** A server that is at work on something, and what it is asked. */
function serverAtWork(underway: KeepingProgress | null): string[] {
  const asked: string[] = [];
  globalThis.fetch = async (what) => {
    const { method, url } = what as Request;
    asked.push(`${method} ${new URL(url, 'http://house').pathname}`);
    return method === 'DELETE' ? new Response(null, { status: 204 }) : Response.json({ underway });
  };
  return asked;
}

function Dialog({ source }: { readonly source: Source }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        Open
      </button>
      {isOpen && <BringBack source={source} onClose={() => setOpen(false)} />}
    </>
  );
}

test('while it is compared the dialog shows how far it is; left before its end, it is cancelled', async () => {
  const source: Source = { title: 'An archive', compare: () => new Promise(() => undefined), restore: jest.fn() };
  const { user } = await renderWith(<Dialog source={source} />);
  const asked = serverAtWork({ step: 'comparing', share: 0.42 });
  await user.click(screen.getByRole('button', { name: 'Open' }));
  await screen.findByText('Comparing with what is here …');
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('42');
  await user.click(screen.getByRole('button', { name: 'Leave everything as it is' }));
  await waitFor(() => expect(asked).toContain('DELETE /api/keeping/underway'));
});

test('left once it has been compared, nothing is cancelled: nothing is being done', async () => {
  const comparison: Comparison = { tables: [{ table: 'groups', here: 0, there: 0, differ: 1 }], unread: [] };
  const source: Source = { title: 'An archive', compare: async () => comparison, restore: jest.fn() };
  const { user } = await renderWith(<Dialog source={source} />);
  const asked = serverAtWork(null);
  await user.click(screen.getByRole('button', { name: 'Open' }));
  await screen.findByText('Groups: 1 becomes as then.');
  await user.click(screen.getByRole('button', { name: 'Leave everything as it is' }));
  expect(asked.filter((one) => one.startsWith('DELETE'))).toEqual([]);
  expect(source.restore).not.toHaveBeenCalled();
});

test('while it is brought back it can still be cancelled, and a refusal is said', async () => {
  const comparison: Comparison = { tables: [{ table: 'groups', here: 0, there: 0, differ: 1 }], unread: [] };
  let refuse: (error: Error) => void = () => undefined;
  const restore = () => new Promise<never>((_, reject) => (refuse = reject));
  const { user } = await renderWith(
    <Dialog source={{ title: 'An archive', compare: async () => comparison, restore }} />,
  );
  const asked = serverAtWork({ step: 'unpacking', share: 0.1 });
  await user.click(screen.getByRole('button', { name: 'Open' }));
  await user.click(await screen.findByRole('button', { name: 'Bring it back' }));
  await screen.findByText('Unpacking …');
  refuse(new Error('A row does not fit. Nothing was changed.'));
  expect((await screen.findByRole('alert')).textContent).toContain('Nothing was changed');
  expect(screen.queryByRole('progressbar')).toBeNull();
  expect(asked.filter((one) => one.startsWith('DELETE'))).toEqual([]);
});
