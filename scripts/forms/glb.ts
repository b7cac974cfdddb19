import { MeshoptEncoder } from 'meshoptimizer'

/** An attribute of every point: whole numbers that stand for −1 to 1, or 0 to 1. */
export interface Attribute {
  name: string
  array: Int8Array | Int16Array | Uint8Array
  /** Numbers a point; with what is left to the next four bytes filled up. */
  size: number
}

const COMPONENT = { Int8Array: 5120, Uint8Array: 5121, Int16Array: 5122 } as const
const TYPES = ['', 'SCALAR', 'VEC2', 'VEC3', 'VEC4']

/**
 * A mesh as glTF 2.0 binary with its numbers quantised (KHR_mesh_quantization) and packed (EXT_meshopt_compression).
 * @param scale what a position of 1 stands for.
 */
export function glb(
  attributes: readonly Attribute[],
  triangles: Uint32Array,
  scale: number,
): Buffer {
  const many = attributes[0]!.array.length / attributes[0]!.size
  const packed: Uint8Array[] = []
  const views: object[] = []
  let offset = 0
  let whole = 0
  const view = (
    bytes: Uint8Array,
    count: number,
    stride: number,
    mode: 'ATTRIBUTES' | 'TRIANGLES',
  ): void => {
    packed.push(bytes)
    views.push({
      buffer: 1,
      byteOffset: whole,
      byteLength: count * stride,
      ...(mode === 'ATTRIBUTES' ? { byteStride: stride } : {}),
      extensions: {
        EXT_meshopt_compression: {
          buffer: 0,
          byteOffset: offset,
          byteLength: bytes.length,
          byteStride: stride,
          mode,
          count,
        },
      },
    })
    offset += Math.ceil(bytes.length / 4) * 4
    whole += Math.ceil((count * stride) / 4) * 4
  }
  const accessors = attributes.map(({ array, size }, i) => {
    const wide = array.BYTES_PER_ELEMENT
    const stride = Math.ceil((size * wide) / 4) * 4
    const bytes = new Uint8Array(many * stride)
    const raw = new Uint8Array(array.buffer, array.byteOffset, array.byteLength)
    for (let p = 0; p < many; p++)
      bytes.set(raw.subarray(p * size * wide, (p + 1) * size * wide), p * stride)
    view(MeshoptEncoder.encodeVertexBuffer(bytes, many, stride), many, stride, 'ATTRIBUTES')
    return {
      bufferView: i,
      componentType: COMPONENT[array.constructor.name as keyof typeof COMPONENT],
      normalized: true,
      count: many,
      type: TYPES[size],
      ...(i === 0 ? { min: [-32767, -32767, -32767], max: [32767, 32767, 32767] } : {}),
    }
  })
  const indices = new Uint8Array(triangles.buffer, triangles.byteOffset, triangles.byteLength)
  view(
    MeshoptEncoder.encodeIndexBuffer(indices, triangles.length, 4),
    triangles.length,
    4,
    'TRIANGLES',
  )
  const extensions = ['KHR_mesh_quantization', 'EXT_meshopt_compression']
  const json = JSON.stringify({
    asset: { version: '2.0' },
    extensionsUsed: extensions,
    extensionsRequired: extensions,
    scene: 0,
    scenes: [{ nodes: [0] }],
    nodes: [{ mesh: 0, scale: [scale, scale, scale] }],
    meshes: [
      {
        primitives: [
          {
            attributes: Object.fromEntries(attributes.map(({ name }, i) => [name, i])),
            indices: attributes.length,
          },
        ],
      },
    ],
    accessors: [
      ...accessors,
      {
        bufferView: attributes.length,
        componentType: 5125,
        count: triangles.length,
        type: 'SCALAR',
      },
    ],
    bufferViews: views,
    buffers: [
      { byteLength: offset },
      { byteLength: whole, extensions: { EXT_meshopt_compression: { fallback: true } } },
    ],
  })
  const padded = Buffer.from(json.padEnd(Math.ceil(json.length / 4) * 4, ' '))
  const body = Buffer.concat(
    packed.map((bytes) => Buffer.concat([bytes, Buffer.alloc((4 - (bytes.length % 4)) % 4)])),
  )
  const head = (words: number[]): Buffer => Buffer.from(Uint32Array.from(words).buffer)
  return Buffer.concat([
    head([0x46546c67, 2, 28 + padded.length + body.length]),
    head([padded.length, 0x4e4f534a]),
    padded,
    head([body.length, 0x004e4942]),
    body,
  ])
}
