import { LARGEST_FILE, type ReadHoles } from '@zero-point/core/holes/fileHole';
import { holesDxf, holesFromDxf } from '@zero-point/core/formats/holes/holesDxf';
import { holesFromProgram } from '@zero-point/core/formats/holes/holesFromProgram';
import { holesFromJson, holesJson } from '@zero-point/core/formats/holes/holesJson';
import { holesProgram } from '@zero-point/core/formats/holes/holesProgram';
import { holesFromCsv } from '@zero-point/core/formats/holes/holesCsv';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { readText } from '../files/readText';
import type { HolesFormat, HolesJob } from './holesJob';
import { serveWork } from './serveWork';

const READERS: Readonly<Record<HolesFormat, (text: string, unit: LengthUnit | undefined) => ReadHoles>> = {
  csv: holesFromCsv,
  json: holesFromJson,
  dxf: holesFromDxf,
  program: holesFromProgram,
};

async function work(job: HolesJob): Promise<ReadHoles | string> {
  switch (job.kind) {
    case 'read':
      return READERS[job.format](await readText(job.file, LARGEST_FILE), job.unit);
    case 'write-dxf':
      return holesDxf(job.holes, job.unit);
    case 'write-json':
      return holesJson(job.holes);
    case 'write-program':
      return holesProgram(job.job);
  }
}

/** Reads and writes files of holes away from the screen. */
serveWork<HolesJob, ReadHoles | string>(work);
