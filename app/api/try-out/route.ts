import { addTryOut, removeTryOut } from '@/demo/tryOut';
import { change, noBody } from '@/server/answer';

/** Adds the demo’s filters, to try the app with. */
export const POST = (request: Request) =>
  change(request, noBody, (db) => {
    addTryOut(db, new Date());
    return {};
  });

/** Removes them. */
export const DELETE = (request: Request) =>
  change(request, noBody, (db) => {
    removeTryOut(db);
    return {};
  });
