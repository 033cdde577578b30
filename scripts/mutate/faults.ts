import ts from 'typescript';

/** One deliberate fault: a piece of a file replaced by another. */
export interface Fault {
  readonly start: number;
  readonly end: number;
  readonly text: string;
}

const { SyntaxKind: Kind } = ts;

/** An operator and the one that is most easily confused with it. */
const SWAPPED = new Map<ts.SyntaxKind, string>([
  [Kind.LessThanToken, '<='],
  [Kind.LessThanEqualsToken, '<'],
  [Kind.GreaterThanToken, '>='],
  [Kind.GreaterThanEqualsToken, '>'],
  [Kind.EqualsEqualsEqualsToken, '!=='],
  [Kind.ExclamationEqualsEqualsToken, '==='],
  [Kind.PlusToken, '-'],
  [Kind.MinusToken, '+'],
  [Kind.AsteriskToken, '/'],
  [Kind.SlashToken, '*'],
  [Kind.AmpersandAmpersandToken, '||'],
  [Kind.BarBarToken, '&&'],
]);

/** Calls and what stands in their place; empty where the call is left out and its list stays as it was. */
const SWAPPED_CALLS: Readonly<Record<string, string>> = {
  min: 'max',
  max: 'min',
  floor: 'ceil',
  ceil: 'floor',
  some: 'every',
  every: 'some',
  filter: '',
  toSorted: '',
  toReversed: '',
};

/** Every fault of a script: limits moved, comparisons, signs and conditions turned round, sorts and filters left out. */
export function faultsOf(script: string): readonly Fault[] {
  const source = ts.createSourceFile('it.ts', script, ts.ScriptTarget.Latest, true);
  const faults: Fault[] = [];
  const add = (node: ts.Node, text: string) =>
    faults.push({ start: node.getStart(source), end: node.getEnd(), text });

  function visit(node: ts.Node): void {
    if (isOnlyType(node) || isDeclaration(node)) return;
    if (ts.isNumericLiteral(node)) add(node, moved(node.text));
    if (node.kind === Kind.TrueKeyword) add(node, 'false');
    if (node.kind === Kind.FalseKeyword) add(node, 'true');
    if (ts.isBinaryExpression(node) && !joinsText(node)) {
      const other = SWAPPED.get(node.operatorToken.kind);
      if (other) add(node.operatorToken, other);
    }
    if (ts.isPrefixUnaryExpression(node) && node.operator === Kind.ExclamationToken)
      add(node, node.operand.getText(source));
    if (ts.isConditionalExpression(node)) add(node.condition, not(node.condition.getText(source)));
    if (ts.isIfStatement(node)) add(node.expression, not(node.expression.getText(source)));
    if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { name, expression } = node.expression;
      const other = SWAPPED_CALLS[name.text];
      if (other) add(name, other);
      if (other === '') add(node, expression.getText(source));
    }
    ts.forEachChild(node, visit);
  }
  visit(source);
  return faults;
}

/** Every fault of a component: those of its script, and conditions of its template turned round. */
export function faultsOfComponent(component: string): readonly Fault[] {
  const script = /<script setup[^>]*>\n(?<body>[\s\S]*?)<\/script>/d.exec(component);
  const [from] = script?.indices?.groups?.body ?? [0];
  const ofScript = faultsOf(script?.groups?.body ?? '').map(({ start, end, text }) => ({
    start: start + from,
    end: end + from,
    text,
  }));
  const ofTemplate = [
    ...component.matchAll(/(?:v-if|v-else-if|v-show|:disabled)="(?<it>[^"]+)"/dg),
  ].map((match): Fault => {
    const [start, end] = match.indices?.groups?.it ?? [0, 0];
    return { start, end, text: not(match.groups?.it ?? '') };
  });
  return [...ofScript, ...ofTemplate];
}

export function withFault(text: string, fault: Fault): string {
  return text.slice(0, fault.start) + fault.text + text.slice(fault.end);
}

/** A limit half as high again; none becomes one. */
function moved(literal: string): string {
  const value = Number(literal.replaceAll('_', ''));
  if (value === 0) return '1';
  return String(Number.isInteger(value) ? Math.ceil(value * 1.5) : value * 1.5);
}

function not(condition: string): string {
  return `!(${condition})`;
}

function isOnlyType(node: ts.Node): boolean {
  return ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node);
}

/** What a component declares to its compiler: no value of a run. */
function isDeclaration(node: ts.Node): boolean {
  return ts.isCallExpression(node) && /^define[A-Z]/.test(node.expression.getText());
}

/** A sum of texts has no difference. */
function joinsText({ operatorToken, left, right }: ts.BinaryExpression): boolean {
  const isText = (side: ts.Expression) =>
    ts.isStringLiteral(side) ||
    ts.isTemplateExpression(side) ||
    ts.isNoSubstitutionTemplateLiteral(side);
  return operatorToken.kind === Kind.PlusToken && (isText(left) || isText(right));
}
