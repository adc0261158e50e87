import { PRESSES } from '../core/formats/devices';
import { houseHere, pageOf, servePage } from './standIn';

/**
 * Stands in for a page-turner: three keys on a page of its own, each sent to the house as one line of JSON. A real one sends the same
 * to the same address, or simply the keys of a keyboard.
 */

const house = houseHere(process.env);
const keys = PRESSES.map((press) => `<button data-press="${press}">${press}</button>`).join('');
const page = pageOf(
  'Page-turner',
  `${keys}<p id="said" aria-live="polite">Each key sends <code>{"press": "…"}</code>.</p>
<script>for (const key of document.querySelectorAll('button')) key.onclick = async () => {
  const answer = await fetch('press/' + key.dataset.press, { method: 'POST' });
  document.getElementById('said').textContent = answer.ok
    ? ((await answer.json()).listening ? key.dataset.press + ': heard' : key.dataset.press + ': nobody is teaching') : await answer.text();
};</script>`,
);

servePage('The page-turner', async (request, response) => {
  const press = PRESSES.find((one) => request.method === 'POST' && request.url === `/press/${one}`);
  if (!press) {
    response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' });
    response.end(page);
    return;
  }
  const answer = await fetch(`${house.url}/api/devices/presses`, {
    method: 'POST',
    headers: house.headers,
    body: JSON.stringify({ press }),
  });
  response.writeHead(answer.status, { 'content-type': 'application/json' });
  response.end(await answer.text());
});
