// Writes what the front end ships to parts/web.cdx.json. npm can leave out what is only for development itself, but it
// then leaves out everything that a tool for development also uses, react among it; so npm lists all, marked, and
// what carries the mark of development is left out here.
import { execFileSync } from 'node:child_process'
import { mkdirSync, writeFileSync } from 'node:fs'

const DEVELOPMENT = 'cdx:npm:package:development'

const bill = JSON.parse(
  execFileSync('npm', ['sbom', '--package-lock-only', '--sbom-format=cyclonedx', '--sbom-type=application'], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  }),
)
const shipped = bill.components.filter(
  (part) => !(part.properties ?? []).some((property) => property.name === DEVELOPMENT),
)
const named = new Set([bill.metadata.component['bom-ref'], ...shipped.map((part) => part['bom-ref'])])
const dependencies = bill.dependencies
  .filter((one) => named.has(one.ref))
  .map((one) => ({ ...one, dependsOn: one.dependsOn?.filter((ref) => named.has(ref)) }))

mkdirSync('parts', { recursive: true })
writeFileSync('parts/web.cdx.json', JSON.stringify({ ...bill, components: shipped, dependencies }, null, 2))
