/** A JSON schema as the OpenAPI document holds it. */
export interface Schema {
  $ref?: string;
  type?: string | string[];
  const?: unknown;
  enum?: unknown[];
  anyOf?: Schema[];
  oneOf?: Schema[];
  allOf?: Schema[];
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: boolean | Schema;
  items?: Schema;
  prefixItems?: Schema[];
  minItems?: number;
  maxItems?: number;
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  minLength?: number;
  format?: string;
  pattern?: string;
}

/** One operation of the document. */
export interface Operation {
  method: string;
  path: string;
  pathParams: string[];
  query: { name: string; schema: Schema; required: boolean }[];
  body: Schema | null;
  /** The type of a file it takes. */
  file: string | null;
  /** What it answers when all is well: its status, and the types it comes in. */
  good: { status: number; types: string[]; schema: Schema | null };
}

interface Media {
  content?: Record<string, { schema: Schema }>;
}
interface Described {
  parameters?: { name: string; in: string; required?: boolean; schema: Schema }[];
  requestBody?: Media;
  responses: Record<string, Media>;
}
export interface OpenApi {
  paths: Record<string, Record<string, Described>>;
}

/** The schema of a JSON answer; a file is none, whatever it holds. */
function jsonOf({ content }: Media): Schema | null {
  const schema = content?.['application/json']?.schema ?? null;
  return schema?.format === 'binary' ? null : schema;
}

/** Every operation of an OpenAPI document. */
export function operationsOf(document: OpenApi): Operation[] {
  return Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { parameters = [], requestBody, responses }]): Operation => {
      const [status, good] = Object.entries(responses).find(([code]) => code.startsWith('2'))!;
      const contents = requestBody?.content ?? {};
      const file = Object.keys(contents).find((type) => type !== 'application/json') ?? null;
      return {
        method,
        path,
        pathParams: parameters.filter((one) => one.in === 'path').map(({ name }) => name),
        query: parameters
          .filter((one) => one.in === 'query')
          .map(({ name, schema, required = false }) => ({ name, schema, required })),
        body: contents['application/json']?.schema ?? null,
        file,
        good: {
          status: Number(status),
          types: Object.keys(good.content ?? {}),
          schema: jsonOf(good),
        },
      };
    }),
  );
}

const TEXTS = [
  '',
  ' ',
  'x'.repeat(3000),
  '\u0000',
  '\ud800',
  '../../etc/passwd',
  "'; DROP TABLE site; --",
  '<script>alert(1)</script>',
  '=1+1',
  '💥',
  '__proto__',
];
const NUMBERS = [0, -0, -1, 1.5, 1e308, -1e308, 5e-324, 2 ** 53 + 1, 1e21];
const WRONG: unknown[] = [null, true, [], {}, [[]], ...TEXTS, ...NUMBERS, { constructor: 1 }];

/** Makes requests up from schemas: mostly sound ones, with something wrong in many of them. */
export class Fuzz {
  /**
   * @param random numbers from 0 to 1
   * @param ids ids of things that are there, by the first part of the paths that lead to them
   */
  constructor(
    private readonly random: () => number,
    private readonly ids: () => Record<string, string[]>,
  ) {}

  some(n: number): number {
    return Math.floor(this.random() * n);
  }

  one<T>(list: readonly T[]): T {
    return list[this.some(list.length)]!;
  }

  chance(share: number): boolean {
    return this.random() < share;
  }

  uuid(): string {
    const digits = Array.from({ length: 31 }, () => '0123456789abcdef'[this.some(16)]!).join('');
    return `${digits.slice(0, 8)}-${digits.slice(8, 12)}-4${digits.slice(12, 15)}-8${digits.slice(15, 18)}-${digits.slice(18, 30)}`;
  }

  /** An id of something that is there; now and then of nothing, or none at all. */
  id(kind?: string): string {
    const known = this.ids();
    const list = (kind && known[kind]) || this.one(Object.values(known));
    if (this.chance(0.06)) return this.one([...TEXTS, this.uuid(), '12']);
    const id = list.length > 0 ? this.one(list) : this.uuid();
    return this.chance(0.05) ? id.toUpperCase() : id;
  }

  /** A value that a schema allows, as far as it can be made up from it. */
  value(schema: Schema, field = ''): unknown {
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return this.one(schema.enum);
    const choices = schema.anyOf ?? schema.oneOf;
    if (choices) return this.value(this.one(choices), field);
    if (schema.allOf)
      return Object.assign({}, ...schema.allOf.map((part) => this.value(part, field))) as object;
    const type = Array.isArray(schema.type) ? this.one(schema.type) : schema.type;
    switch (type) {
      case 'object':
        return this.object(schema);
      case 'array':
        return this.list(schema, field);
      case 'integer':
      case 'number':
        return this.number(schema, type === 'integer');
      case 'boolean':
        return this.chance(0.5);
      case 'string':
        return this.text(schema, field);
      case 'null':
        return null;
      default:
        return this.one([1, 'text', null]);
    }
  }

  private object({ properties = {}, required = [], additionalProperties }: Schema): Record<string, unknown> {
    const made: Record<string, unknown> = {};
    for (const [name, property] of Object.entries(properties))
      if (required.includes(name) || this.chance(0.6)) made[name] = this.value(property, name);
    if (typeof additionalProperties === 'object' && this.chance(0.5))
      made.more = this.value(additionalProperties);
    return made;
  }

  private list({ items, prefixItems, minItems = 0, maxItems = 4 }: Schema, field: string): unknown[] {
    if (prefixItems) return prefixItems.map((item) => this.value(item, field));
    const length = Math.min(maxItems, minItems + this.some(3));
    return Array.from({ length }, () => this.value(items ?? {}, field));
  }

  private number({ minimum, maximum, exclusiveMinimum }: Schema, isWhole: boolean): number {
    const least = Math.max(minimum ?? exclusiveMinimum ?? -50, -1e6);
    const most = Math.min(maximum ?? 300, 1e6);
    const value = least + this.random() * Math.max(0, Math.min(most - least, this.one([1, 30, 1e6])));
    return isWhole ? Math.round(value) : value;
  }

  private text({ format, pattern, minLength = 0 }: Schema, field: string): string {
    if (format === 'uuid') return this.id(`${field.replace(/Id$/, '')}s`);
    if (format === 'date-time')
      return new Date(Date.UTC(2026, this.some(10), 1 + this.some(27))).toISOString();
    if (format === 'date') return '2020-05-01';
    if (pattern?.includes('[0-9a-f]{64}')) return 'a'.repeat(64);
    return this.one(['Bench', '1 hall 15', 'Orrin S', 'holds', 'x'.repeat(Math.max(1, minLength))]);
  }

  /** The same with one thing wrong: another type, missing, extreme, doubled, emptied, or a field too many. */
  spoilt(value: unknown): unknown {
    if (typeof value !== 'object' || value === null || this.chance(0.15)) return this.one(WRONG);
    const copy: unknown = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
    const keys = Object.keys(copy as object);
    if (keys.length === 0) return this.one([{ extra: 1 }, [1], null]);
    const key = this.one(keys);
    const holder = copy as Record<string, unknown>;
    const spoil = [
      () => (holder[key] = this.spoilt(holder[key])),
      () => (holder[key] = this.spoilt(holder[key])),
      () => (holder[key] = this.one(WRONG)),
      () => delete holder[key],
      () => (holder[this.one(['extra', '__proto__x', 'constructor'])] = 1),
      () =>
        Array.isArray(copy)
          ? (copy as unknown[]).push(holder[key])
          : (holder[key] = [holder[key], holder[key]]),
      () => (holder[key] = Array.isArray(holder[key]) ? [] : typeof holder[key] === 'object' ? {} : ''),
    ];
    this.one(spoil)();
    return copy;
  }

  /** Where a request goes, with its query. */
  address({ path, pathParams, query }: Operation): string {
    let address = path;
    for (const name of pathParams) {
      const kind = name === 'id' ? path.split('/')[3] : undefined;
      const isPicture = name === 'sha256';
      const id = isPicture ? this.one(['a'.repeat(64), 'x', this.uuid()]) : this.id(kind);
      address = address.replace(`{${name}}`, encodeURIComponent(withoutHalves(id)) || '%20');
    }
    const asked = new URLSearchParams();
    for (const { name, schema, required } of query) {
      if (!required && this.chance(0.4)) continue;
      const value = this.chance(0.15) ? this.one(TEXTS) : String(this.value(schema, name));
      asked.append(name, withoutHalves(value));
      if (this.chance(0.03)) asked.append(name, withoutHalves(value));
    }
    return asked.size > 0 ? `${address}?${asked.toString()}` : address;
  }
}

/** Half a character cannot stand in an address. */
const withoutHalves = (text: string) => text.replace(/[\ud800-\udfff]/g, '');
