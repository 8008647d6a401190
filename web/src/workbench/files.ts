import type { CircuitRequest } from '../api/queries'
import { body, client, type Schemas } from '../api/client'
import { saveFile } from '../ui/saveFile'

export const FILE_KINDS = ['notation', 'netlist', 'spice', 'drawing', 'chart'] as const
export type FileKind = (typeof FILE_KINDS)[number]

/** The file of a circuit as the server writes it. */
export const fetchFile = (kind: FileKind, request: CircuitRequest) =>
  body(client.POST('/api/circuits/files/{kind}', { params: { path: { kind } }, body: request }))

/** Hands a file to the browser to keep. */
export const download = (file: Schemas['FileView']) => saveFile(file.name, file.mediaType, file.text)
