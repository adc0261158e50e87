import { z } from '@hono/zod-openapi';
import { Problem } from '../../../core/formats/api/api';

/** Pieces that route descriptions share. */

export const json = <Schema extends z.ZodType>(schema: Schema, description: string) => ({
  content: { 'application/json': { schema } },
  description,
});

export const fails = (description: string) => ({
  content: { 'application/problem+json': { schema: Problem } },
  description,
});

export const body = <Schema extends z.ZodType>(schema: Schema) => ({
  body: { content: { 'application/json': { schema } }, required: true },
});

export const idParam = { params: z.object({ id: z.string().min(1).max(80) }) };
