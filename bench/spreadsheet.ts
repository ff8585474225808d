/**
 * A peer for the chain of weight and facing: a general-purpose spreadsheet engine with a row an action. Columns: A the foot that takes
 * the weight (empty for a gesture), B the turn in 48ths; C the weight after, D the rotation, E the facing, F whether the foot was free.
 */
import { HyperFormula } from 'hyperformula';

export interface ChainRow {
  readonly foot: string;
  readonly turn: number;
}

const rowFormulas = (row: ChainRow, index: number): (string | number)[] => {
  const [here, before] = [index + 2, index + 1];
  return [
    row.foot,
    row.turn,
    `=IF(A${here}="",C${before},A${here})`,
    `=D${before}+B${here}`,
    `=MOD(D${here},48)`,
    `=IF(AND(A${here}<>"",A${here}=C${before}),"not free","")`,
  ];
};

export class SpreadsheetChain {
  private readonly engine: HyperFormula;

  constructor(private readonly rows: readonly ChainRow[]) {
    this.engine = HyperFormula.buildFromArray([['', '', 'L', 0, 0, ''], ...rows.map(rowFormulas)], {
      licenseKey: 'gpl-v3',
    });
  }

  /** Another turn on one row; everything below it is worked out anew. */
  edit(row: number, turn: number): void {
    this.engine.setCellContents({ sheet: 0, row: row + 1, col: 1 }, turn);
  }

  /** Weight and facing after the last row. */
  end(): { weight: unknown; facing: unknown } {
    const row = this.rows.length;
    return {
      weight: this.engine.getCellValue({ sheet: 0, row, col: 2 }),
      facing: this.engine.getCellValue({ sheet: 0, row, col: 4 }),
    };
  }

  close(): void {
    this.engine.destroy();
  }
}
