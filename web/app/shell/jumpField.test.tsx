import { act, fireEvent, render, screen } from '@testing-library/react';
import { EarlyJumpField, takenOver, typedSoFar } from './EarlyJumpField';

/** The field that finds anything is there at once; what is typed before it can look is not lost. */

afterEach(takenOver);

test('what is typed after the key is kept until the field is there to look for it', () => {
  render(<EarlyJumpField />);
  act(() => {
    fireEvent.keyDown(document.body, { key: '/', code: 'Slash' });
    fireEvent.keyUp(document.body, { key: '/', code: 'Slash' });
  });
  const field = screen.getByLabelText<HTMLInputElement>(/Find a movement/);
  expect(document.activeElement).toBe(field);
  fireEvent.change(field, { target: { value: 'six of' } });
  expect(typedSoFar()).toBe('six of');
  takenOver();
  expect(typedSoFar()).toBeNull();
});

test('whoever leaves it again looks for nothing', () => {
  render(<EarlyJumpField />);
  const field = screen.getByLabelText(/Find a movement/);
  act(() => field.focus());
  fireEvent.change(field, { target: { value: 'cl' } });
  act(() => field.blur());
  expect(typedSoFar()).toBeNull();
});
