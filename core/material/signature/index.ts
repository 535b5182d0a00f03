export { readSignatureChanges, type Signature, SignatureChange, SignatureChanges, type SignatureFrom } from './signature.ts';
