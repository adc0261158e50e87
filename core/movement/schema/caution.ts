import { z } from 'zod';

/** What a movement asks an instructor to mind. */
export const Caution = z.enum([
  'knees',
  'shoulders',
  'low-back',
  'head-low',
  'balance',
  'pregnancy',
  'neck',
  'breath-holding',
  'self-massage',
  'jolt',
  'general',
]);
export type Caution = z.infer<typeof Caution>;

/** The words shown where the choice is made. They point to common sense and licensed practice; they do not diagnose. */
export const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  knees:
    'Knees track over the toes and not past them. No twist under load. Depth goes by the knee, not by the picture.',
  shoulders: 'Long work with the arms overhead needs a rest or a lower variant.',
  'low-back': 'No loaded deep forward bend or forced twist. Hinge with soft knees and come up slowly.',
  'head-low': 'Dizziness, blood pressure, glaucoma: keep the head above the hips and rise slowly.',
  balance: 'A wall or chair within reach.',
  pregnancy: 'Pregnancy: wide stable stances, no deep twist, no breath holds, no strong pressing on points.',
  neck: 'Small and slow, without pulling. Stop at the first pinch or dizziness.',
  'breath-holding': 'Never hold the breath against effort; blood pressure or pregnancy: breathe on through.',
  'self-massage': 'Light on bone, none on broken skin. Mind hearing aids and glasses.',
  jolt: 'A drop jolts spine and head: lower the heels softly, or leave it out with brittle bones or late in pregnancy.',
  general: 'Pain is a stop sign. Work inside a comfortable range, keep breathing, sit when you like.',
};
