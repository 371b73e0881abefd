/**
 * JSON Schema of a TypeScript type as JSON carries it: what is undefined is left out, a date is text, a function is not there. Named types
 * become definitions, once each. Types that JSON cannot carry throw.
 */
import ts from 'typescript';

export type Json = Record<string, unknown>;
const TEXT = new Set(['Date', 'URL']);

export class SchemaOfTypes {
  readonly definitions: Record<string, Json> = {};
  private readonly names = new Map<ts.Type, string>();
  constructor(
    private readonly checker: ts.TypeChecker,
    private readonly at: ts.Node,
  ) {}

  schema(type: ts.Type): Json {
    const { flags } = type;
    if (flags & (ts.TypeFlags.Any | ts.TypeFlags.Unknown)) return {};
    if (flags & ts.TypeFlags.Null) return { type: 'null' };
    if (type.isStringLiteral() || type.isNumberLiteral()) return { const: type.value };
    if (flags & ts.TypeFlags.BooleanLiteral) return { const: this.checker.typeToString(type) === 'true' };
    if (flags & ts.TypeFlags.Boolean) return { type: 'boolean' };
    if (flags & (ts.TypeFlags.String | ts.TypeFlags.TemplateLiteral)) return { type: 'string' };
    if (flags & ts.TypeFlags.Number) return { type: 'number' };
    if (type.isUnion()) return this.union(type);
    if (flags & (ts.TypeFlags.Object | ts.TypeFlags.Intersection)) return this.named(type);
    throw new Error(`JSON cannot carry ${this.checker.typeToString(type)}.`);
  }

  private union(type: ts.UnionType): Json {
    const carried = type.types.filter((one) => !(one.flags & ts.TypeFlags.Undefined));
    const words = carried.flatMap((one) => (one.isStringLiteral() ? [one.value] : []));
    const booleans = carried.filter((one) => one.flags & ts.TypeFlags.BooleanLiteral);
    const others = carried.filter((one) => !one.isStringLiteral() && !(booleans.length === 2 && booleans.includes(one)));
    const any = [
      ...(words.length > 0 ? [{ enum: [...new Set(words)].sort() }] : []),
      ...(booleans.length === 2 ? [{ type: 'boolean' }] : []),
      ...others.map((one) => this.schema(one)),
    ];
    const different = [...new Map(any.map((one) => [JSON.stringify(one), one])).values()];
    if (different.some((one) => Object.keys(one).length === 0)) return {};
    return different.length === 1 && different[0] ? different[0] : { anyOf: different };
  }

  /** By reference where the type has a name of its own. */
  private named(type: ts.Type): Json {
    // With any word for its names it is the type itself: `Need<string>` is a `Need`.
    const name = type.aliasTypeArguments?.some((one) => !(one.flags & ts.TypeFlags.String))
      ? undefined
      : (type.aliasSymbol?.name ?? (type.isClassOrInterface() ? type.symbol.name : undefined));
    if (name === undefined || name === 'Record' || TEXT.has(name) || this.checker.isArrayType(type) || this.checker.isTupleType(type))
      return this.object(type);
    const known = this.names.get(type);
    if (known) return { $ref: `#/components/schemas/${known}` };
    let own = name;
    for (let i = 2; own in this.definitions; i += 1) own = `${name}${i}`;
    this.names.set(type, own);
    this.definitions[own] = {};
    this.definitions[own] = this.object(type);
    return { $ref: `#/components/schemas/${own}` };
  }

  private object(type: ts.Type): Json {
    if (TEXT.has(type.symbol?.name)) return { type: 'string' };
    if (this.checker.isTupleType(type)) return this.tuple(type);
    if (this.checker.isArrayType(type)) return { type: 'array', items: this.schema(this.elements(type)[0] ?? this.checker.getAnyType()) };
    const properties: Record<string, Json> = {};
    const required: string[] = [];
    for (const property of this.checker.getPropertiesOfType(type)) {
      const own = this.checker.getTypeOfSymbolAtLocation(property, this.at);
      if (own.getCallSignatures().length > 0) continue;
      properties[property.name] = this.schema(own);
      const optional =
        property.flags & ts.SymbolFlags.Optional || (own.isUnion() && own.types.some((one) => one.flags & ts.TypeFlags.Undefined));
      if (!optional) required.push(property.name);
    }
    const index = this.checker.getIndexInfoOfType(type, ts.IndexKind.String);
    return {
      type: 'object',
      ...(Object.keys(properties).length > 0 ? { properties } : {}),
      ...(required.length > 0 ? { required: required.sort() } : {}),
      ...(index ? { additionalProperties: this.schema(index.type) } : {}),
    };
  }

  private elements = (type: ts.Type): readonly ts.Type[] =>
    'target' in type ? this.checker.getTypeArguments(type as ts.TypeReference) : [];

  private tuple(type: ts.Type): Json {
    const items = this.elements(type).map((one) => this.schema(one));
    const different = new Set(items.map((one) => JSON.stringify(one)));
    const { minLength, hasRestElement } = (type as ts.TupleTypeReference).target;
    return {
      type: 'array',
      items: different.size === 1 ? items[0] : { anyOf: items },
      minItems: minLength,
      ...(hasRestElement ? {} : { maxItems: items.length }),
    };
  }
}
