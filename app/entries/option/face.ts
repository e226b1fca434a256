import type { Face } from '../face'

export default {
  stage: 'decide',
} satisfies Face
