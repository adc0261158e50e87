import { OpenAPIHono } from '@hono/zod-openapi';
import { faultsOf, problem } from './problem';

/** A router that answers what a schema refuses with the fields that were wrong. */
export const router = (): OpenAPIHono =>
  new OpenAPIHono({
    defaultHook: (answer) => {
      if (answer.success) return undefined;
      return problem(422, 'Something in this request is not as it should be.', {
        errors: faultsOf(answer.error),
      });
    },
  });
