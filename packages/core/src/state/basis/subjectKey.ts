import type { Subject, Touched } from '../../records/values/subject';

/** The stock is meant where no shape of the part is named. */
export const STOCK = 'stock';

/** What something touched or set is called in the book: readings under one name are of one thing. */
export function subjectKey(subject: Subject | Touched): string {
  switch (subject.kind) {
    case 'face':
      return `face ${subject.face} ${subject.of ?? STOCK}`;
    case 'return':
      return `return ${subject.after} ${subject.face} ${subject.of ?? STOCK}`;
    case 'return-round':
      return `return ${subject.after} round ${subject.of}`;
    case 'return-z':
      return `return ${subject.after} tool ${subject.tool}`;
    case 'middle':
      return `middle ${subject.axis} ${subject.of ?? STOCK}`;
    case 'corner':
      return `corner ${subject.corner} ${subject.of ?? STOCK}`;
    case 'round':
    case 'standing':
    case 'bore-size':
      return `${subject.kind} ${subject.of}`;
    case 'sweep':
      return `sweep ${subject.of}`;
    case 'master':
      return `master ${subject.master}`;
    case 'run-out':
      return `run-out ${subject.tool}`;
    case 'alignment':
      return `alignment ${subject.task}`;
    case 'hole-line':
      return `hole-line ${subject.from} ${subject.to}`;
    case 'datum':
      return `datum ${subject.datum}`;
    case 'lost':
      return `lost ${subject.why}`;
    case 'tool-spot':
      return `tool-spot ${subject.tool ?? 'probe'}`;
    case 'z-zero':
    case 'tool-length':
      return `${subject.kind} ${subject.tool}`;
  }
}
