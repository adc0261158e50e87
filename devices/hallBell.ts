import { HallSound } from '../core/formats/devices';
import { houseHere, pageOf, servePage } from './standIn';

/** Stands in for a bell in the hall: hears what a class comes to, rings at a new section, and writes it down on a page of its own. */

const house = houseHere(process.env);
/** What was heard last, and how much of it is shown. */
const heard: string[] = [];
const SHOWN = 40;
/** A house that does not answer is asked again after so long, milliseconds. */
const AGAIN_AFTER = 2000;

/** Listens until the line breaks. */
async function listen(): Promise<void> {
  const answer = await fetch(`${house.url}/api/devices/sounds`, { headers: house.headers });
  const decoder = new TextDecoder();
  let rest = '';
  for await (const chunk of answer.body ?? []) {
    rest += decoder.decode(chunk, { stream: true });
    const lines = rest.split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) hear(line);
  }
}

function hear(line: string): void {
  const said = line.startsWith('data: {') ? HallSound.safeParse(JSON.parse(line.slice(6))) : null;
  if (!said?.success) return;
  const { sound, breath } = said.data;
  heard.unshift(breath ? `${sound} ${breath}` : sound);
  heard.length = Math.min(heard.length, SHOWN);
  // The bell of the window it runs in.
  if (sound === 'section') process.stdout.write('\u0007new section\n');
}

async function listenForEver(): Promise<void> {
  for (;;) {
    await listen().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER));
  }
}

servePage('The hall bell', (request, response) => {
  const isList = request.url === '/heard';
  response.writeHead(200, { 'content-type': isList ? 'application/json' : 'text/html; charset=utf-8' });
  response.end(
    isList
      ? JSON.stringify(heard)
      : pageOf(
          'Hall bell',
          `<p>What the class comes to, the latest first.</p><ul id="heard"></ul>
<script>setInterval(async () => {
  const all = await (await fetch('heard')).json();
  document.getElementById('heard').replaceChildren(...all.map((one) => Object.assign(document.createElement('li'), { textContent: one })));
}, 500);</script>`,
        ),
  );
});
void listenForEver();
