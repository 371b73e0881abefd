/** Prints the document of the open interface. */
import { openApi } from '../services/interface/document';

process.stdout.write(`${JSON.stringify(openApi())}\n`);
