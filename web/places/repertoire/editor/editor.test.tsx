import { screen, waitFor } from '@testing-library/react';
import { renderWith } from '../../../testing/renderDesk';
import { EditorPage } from './EditorPage';

const open = () => renderWith(<EditorPage />);

test('an empty movement says everything it still needs', async () => {
  await open();
  await screen.findByText(/It needs a name/);
  expect(screen.getByText(/at least one phase/)).toBeTruthy();
  expect(screen.getByText(/a sentence about it/)).toBeTruthy();
});

test('a name that is taken is refused, and another is not', async () => {
  const { user } = await open();
  await user.click(await screen.findByLabelText('Name'));
  await user.paste('lift');
  await screen.findByText(/already a movement of that name/);
  await user.paste('ing slowly');
  await waitFor(() => expect(screen.queryByText(/already a movement of that name/)).toBeNull());
});

test('a phase is written on one line: it is said how it was understood, then it stands in the strip, and undo takes it back', async () => {
  const { user } = await open();
  await user.click(await screen.findByLabelText('Write a phase and press Enter'));
  await user.paste('in knees 20 wobbly: Rise');
  expect(screen.getByText(/knees 20/).textContent).toMatch(/“Rise”.*not understood: wobbly/);
  await user.keyboard('{Enter}');
  await waitFor(() => expect(screen.queryByText(/at least one phase/)).toBeNull());
  expect(screen.getAllByText(/Rise/).length).toBeGreaterThan(0);
  await user.keyboard('{Control>}z{/Control}');
  await screen.findByText(/at least one phase/);
});
