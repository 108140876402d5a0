// Writes what each catalogue says, and with which arguments, as types: a message that is missing, or told without one of
// its arguments, then fails the build. English is where a message begins; the other languages are held against it by a test.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { parse, TYPE } from '@formatjs/icu-messageformat-parser'

const types = ['src/languages/en', 'src/languages/en/students'].flatMap((folder) =>
  readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => `  "${file.slice(0, -5)}": ${typeOf(JSON.parse(readFileSync(`${folder}/${file}`, 'utf8')), file)}`),
)
writeFileSync(
  'src/languages/catalogues.d.ts',
  `// Made by catalogue-types.mjs from the English catalogues; it is not edited.\n\n` +
    `/** What a place in a sentence is filled with; several are listed as the language lists them. */\n` +
    `export type Said = string | number | readonly string[] | undefined;\n\n` +
    `export interface Catalogues {\n${types.join('\n')}\n}\n`,
)

function typeOf(node, where) {
  if (Array.isArray(node)) {
    return `readonly [${node.map((each) => typeOf(each, where)).join(', ')}]`
  }
  if (typeof node === 'object') {
    const fields = Object.entries(node).map(([key, each]) => `"${key}": ${typeOf(each, `${where}: ${key}`)}`)
    return `{ ${fields.join('; ')} }`
  }
  const args = argumentsOf(node, where)
  return args.size === 0 ? 'string' : `(args: { ${[...args].map(([name, type]) => `${name}: ${type}`).join('; ')} }) => string`
}

/** Names and types of what a message is told. The number of a list that it names is not told, it is counted. */
function argumentsOf(message, where) {
  const found = new Map()
  if (!message.includes('{')) {
    return found
  }
  try {
    collect(parse(message), found)
  } catch (unreadable) {
    throw new Error(`${where}: “${message}” is no message: ${unreadable.message}`)
  }
  for (const name of [...found.keys()]) {
    const list = name.endsWith('Count') ? name.slice(0, -'Count'.length) : undefined
    if (list && found.has(list)) {
      found.delete(name)
      found.set(list, 'readonly string[]')
    }
  }
  return found
}

function collect(elements, found) {
  for (const element of elements) {
    if (element.type === TYPE.plural) {
      found.set(element.value, 'number')
    } else if (element.type === TYPE.number) {
      found.set(element.value, 'number')
    } else if (element.type === TYPE.select) {
      found.set(element.value, 'string')
    } else if (element.type === TYPE.argument && !found.has(element.value)) {
      found.set(element.value, 'Said')
    }
    for (const option of Object.values(element.options ?? {})) {
      collect(option.value, found)
    }
  }
}
