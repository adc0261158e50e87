import type { Tradition } from '../../../../core/movement/schema/movement';

const WORDS: Readonly<Record<Tradition, string>> = {
  qigong: 'Qigong',
  'tai-chi': 'Tai chi',
  preparation: 'Preparation',
  standing: 'Standing',
  'self-massage': 'Self-massage',
};

export const traditionWord = (tradition: Tradition): string => WORDS[tradition];
