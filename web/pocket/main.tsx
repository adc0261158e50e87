import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { PocketClass } from '../../core/formats/pocket/pocketClass';
import '../app/base.css';
import { Pocket } from './Pocket';
import './pocket.css';

/** The class that came in this file; null where it cannot be read: the card stands then, and is a way to teach as well. */
function carriedClass(): PocketClass | null {
  try {
    return PocketClass.parse(JSON.parse(document.getElementById('vesperum-pocket')?.textContent ?? ''));
  } catch {
    return null;
  }
}

const carried = carriedClass();
const root = document.getElementById('teach');
const card = document.getElementById('card');
if (root && card && carried)
  createRoot(root).render(
    <StrictMode>
      <Pocket carried={carried} card={card} />
    </StrictMode>,
  );
