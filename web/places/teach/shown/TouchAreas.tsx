interface Props {
  readonly onStay: () => void;
  readonly onShorten: () => void;
  readonly onNext: () => void;
}

/**
 * The screen in three, each wider than a hand: the left stays, the middle shortens, the right goes on. For a hand that cannot look;
 * keyboards and screen readers have the same three as buttons.
 */
export const TouchAreas = ({ onStay, onShorten, onNext }: Props) => (
  <div className="teach-areas" aria-hidden>
    <button type="button" tabIndex={-1} data-area="stay" onClick={onStay} />
    <button type="button" tabIndex={-1} data-area="shorten" onClick={onShorten} />
    <button type="button" tabIndex={-1} data-area="next" onClick={onNext} />
  </div>
);
