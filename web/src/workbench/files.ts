import type { CircuitRequest } from '../api/queries'
import { body, client, type Schemas } from '../api/client'

export const FILE_KINDS = ['notation', 'netlist', 'spice', 'drawing', 'chart'] as const
export type FileKind = (typeof FILE_KINDS)[number]

/** The file of a circuit as the server writes it. */
export const fetchFile = (kind: FileKind, request: CircuitRequest) =>
  body(client.POST('/api/circuits/files/{kind}', { params: { path: { kind } }, body: request }))

/** Hands a file to the browser to keep. */
export function download(file: Schemas['FileView']) {
  const address = URL.createObjectURL(new Blob([file.text], { type: file.mediaType }))
  const link = document.createElement('a')
  link.href = address
  link.download = file.name
  link.click()
  URL.revokeObjectURL(address)
}
