/** JSON Schema of every answer of the open interface, out of the types that its handlers return: `npm run openapi`. */
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';
import { SchemaOfTypes, type Json } from './schema-of-type';

const root = process.cwd();
export const answersFile = path.join(root, 'services/interface/answers.json');
const table = path.join(root, 'services/interface/routes.ts');

/** Returns the text of the file as it should be. */
export async function answersText(): Promise<string> {
  const { config } = ts.readConfigFile(path.join(root, 'tsconfig.json'), ts.sys.readFile.bind(ts.sys));
  const { options } = ts.parseJsonConfigFileContent(config, ts.sys, root);
  const program = ts.createProgram([table], { ...options, incremental: false });
  const source = program.getSourceFile(table);
  const checker = program.getTypeChecker();
  const module = source && checker.getSymbolAtLocation(source);
  const answers = module && checker.getExportsOfModule(module).find(({ name }) => name === 'Answers');
  if (!source || !answers) throw new Error(`${table} exports no type Answers.`);
  const schemas = new SchemaOfTypes(checker, source);
  const properties: Record<string, Json> = {};
  for (const property of checker.getPropertiesOfType(checker.getDeclaredTypeOfSymbol(answers))) {
    const type = checker.getTypeOfSymbolAtLocation(property, source);
    if (!(type.flags & ts.TypeFlags.Never)) properties[property.name] = schemas.schema(type);
  }
  const text = JSON.stringify({ answers: properties, definitions: schemas.definitions });
  return format(text, { ...(await resolveConfig(answersFile)), filepath: answersFile });
}

if (process.argv[1]?.endsWith('answers.ts')) writeFileSync(answersFile, await answersText());
