import { parse as parseComponent } from '@vue/compiler-sfc';
import {
  NodeTypes,
  type AttributeNode,
  type DirectiveNode,
  type TemplateChildNode,
} from '@vue/compiler-core';
import ts from 'typescript';

/** One text that a person may read on a screen, on paper, in a file or from a command. */
export interface VisibleString {
  readonly line: number;
  /** What stands there; each `{…}` holds the code of what is put in. */
  readonly text: string;
  /** A text of a template stands as it is; one of code is judged by its look. */
  readonly isTemplate: boolean;
  /** It is put together of pieces by a condition inside. */
  readonly hasCondition: boolean;
}

/** Attributes that hold code's names and no words. */
const NO_WORDS =
  /^(class|style|d|id|for|href|to|type|role|viewBox|name|value|is|key|ref|fill|stroke|x\d?|y\d?|r|rx|cx|cy|width|height|points|transform|preserveAspectRatio|text-anchor|dominant-baseline|vector-effect|pathLength|offset|dx|dy|refX|refY|orient|stroke-.*|font-.*|v-slot|#.*|variant|density|size|color|location|autocomplete|inputmode|enterkeyhint|accept|capture|aria-(labelledby|describedby|controls|live|hidden|current|haspopup|pressed|expanded|orientation|autocomplete|activedescendant|atomic|level|invalid|busy|sort)|tabindex|min|max|step|maxlength|rows|scope|method|rel|target|decoding|loading|crossorigin|item-(title|value|props)|return-object|hide-details|append-.*|prepend-.*|data-.*|xmlns|spellcheck|lang|tag|mode|anchor|dir|tone|form|hand|kind|wrap|tooltip-location)$/;

/** Does a string of code look like words and not like a name? */
function looksLikeWords(text: string): boolean {
  const bare = text.replace(/\{[^}]*\}/g, '').trim();
  if (!/[A-Za-z]{2}/.test(bare) && !/[A-Za-z]/.test(bare.replace(/\b(ms|px)\b/g, ''))) return false;
  if (/^[a-z][\w-]*$/.test(bare) && !text.includes('{')) return false;
  if (
    // A declaration of style, a function of one, a place in the page, the path of a drawing.
    /^M-?\d[\d\s.,MLHVCSQTAZ-]*$/i.test(bare) ||
    /^[A-Za-z-]+: |^(var|rgb|hsl|calc|url|translate|rotate|scale)\(|^[#.@/]|\bpx\b|^\d+ \d+ /.test(
      bare,
    )
  )
    return false;
  if (/^[a-z-]+(\/[\w*.-]+)+$/.test(bare) || /^[\w-]+\.[a-z]{2,5}$/.test(bare)) return false;
  return (
    /[A-Za-z’')%.,:;!?“”…–°]\s+[A-Za-z“(]/.test(text) ||
    /^[A-Z][a-z]+/.test(bare) ||
    (/\s/.test(text) && /[a-z]{2}/i.test(bare)) ||
    /[.!?…]$/.test(bare)
  );
}

/** Is it thrown at whoever calls a function wrongly? Nobody reads that on a screen. */
function isForCallers(node: ts.Node): boolean {
  for (let up = node.parent; up; up = up.parent) {
    if (ts.isNewExpression(up))
      return /^(RangeError|TypeError|RegExp|URL|Worker)$/.test(up.expression.getText());
    if (ts.isBlock(up)) return false;
  }
  return false;
}

/** A single word that a table or a choice shows: `{ sampler: 'minis' }` in GRADE_WORDS, `title: 'all'`. */
function isShownWord(node: ts.Node): boolean {
  const { parent } = node;
  if (!ts.isPropertyAssignment(parent) || parent.initializer !== node) return false;
  if (/^(title|subtitle|word|label|text|note)$/.test(parent.name.getText())) return true;
  for (let up: ts.Node = parent; !ts.isSourceFile(up); up = up.parent)
    if (ts.isVariableDeclaration(up)) return /(WORDS|TITLES|LABELS)$/.test(up.name.getText());
  return false;
}

/** Code whose strings are names, keys or conditions, never shown. */
function isName(node: ts.Node): boolean {
  const { parent } = node;
  if (
    ts.isImportDeclaration(parent) ||
    ts.isExportDeclaration(parent) ||
    ts.isLiteralTypeNode(parent) ||
    ts.isElementAccessExpression(parent) ||
    ts.isCaseClause(parent) ||
    (ts.isPropertyAssignment(parent) && parent.name === node) ||
    (ts.isCallExpression(parent) &&
      (parent.expression.kind === ts.SyntaxKind.ImportKeyword ||
        /\.?(startsWith|endsWith|includes|indexOf|querySelector|querySelectorAll|split|addEventListener|removeEventListener|getElementById|getDirectoryHandle|getFileHandle|BroadcastChannel|setAttribute|join|RegExp)$/.test(
          parent.expression.getText(),
        )))
  )
    return true;
  if (ts.isBinaryExpression(parent))
    return [
      ts.SyntaxKind.EqualsEqualsEqualsToken,
      ts.SyntaxKind.ExclamationEqualsEqualsToken,
      ts.SyntaxKind.InKeyword,
    ].includes(parent.operatorToken.kind);
  return false;
}

function textOf(node: ts.StringLiteralLike | ts.TemplateExpression): string {
  if (!ts.isTemplateExpression(node)) return node.text;
  return (
    node.head.text +
    node.templateSpans
      .map((span) => `{${span.expression.getText().replace(/\s+/g, ' ')}}${span.literal.text}`)
      .join('')
  );
}

function choosesWords(node: ts.Expression): boolean {
  if (ts.isParenthesizedExpression(node)) return choosesWords(node.expression);
  return (
    ts.isConditionalExpression(node) &&
    [node.whenTrue, node.whenFalse].some(
      (branch) =>
        ts.isStringLiteralLike(branch) || ts.isTemplateExpression(branch) || choosesWords(branch),
    )
  );
}

/** The words in a piece of code. @param firstLine the line that it begins on, from 1 */
export function stringsOfCode(code: string, firstLine = 1, isTemplate = false): VisibleString[] {
  const file = ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true, ts.ScriptKind.TS);
  const found: VisibleString[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteralLike(node) || ts.isTemplateExpression(node)) {
      const text = textOf(node);
      if (
        !isName(node) &&
        !isForCallers(node) &&
        (looksLikeWords(text) ||
          isShownWord(node) ||
          (isTemplate && /[a-z]/i.test(text) && /\s/.test(text)))
      )
        found.push({
          line: firstLine + file.getLineAndCharacterOfPosition(node.getStart()).line,
          text,
          isTemplate,
          hasCondition:
            ts.isTemplateExpression(node) &&
            node.templateSpans.some(({ expression }) => choosesWords(expression)),
        });
      if (ts.isStringLiteralLike(node)) return;
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

/** The words of a component: its template's texts, attributes and code, and its script's. */
export function stringsOfComponent(source: string): VisibleString[] {
  const { descriptor } = parseComponent(source);
  const script = descriptor.scriptSetup ?? descriptor.script;
  const found = script ? stringsOfCode(script.content, script.loc.start.line) : [];
  const codeAt = (code: string, line: number) => {
    found.push(...stringsOfCode(`(${code})`, line, true));
  };
  const attribute = (node: AttributeNode | DirectiveNode) => {
    if (node.type === NodeTypes.ATTRIBUTE) {
      const text = node.value?.content ?? '';
      if (!NO_WORDS.test(node.name) && /[A-Za-z]/.test(text))
        found.push({ line: node.loc.start.line, text, isTemplate: true, hasCondition: false });
    } else if (
      node.exp &&
      node.name !== 'for' &&
      node.name !== 'slot' &&
      node.name !== 'on' &&
      !(node.arg && NO_WORDS.test(node.arg.loc.source))
    )
      codeAt(node.exp.loc.source, node.loc.start.line);
  };
  /** Texts and what is put in between stand as one sentence. */
  const children = (nodes: readonly TemplateChildNode[]) => {
    let run: { line: number; text: string } | null = null;
    const close = () => {
      if (run && /[A-Za-z]/.test(run.text.replace(/\{[^}]*\}/g, '')))
        found.push({
          line: run.line,
          text: run.text.replace(/\s+/g, ' ').trim(),
          isTemplate: true,
          hasCondition:
            /\{[^}]* \? [^}]*'[^}]*\}/.test(run.text) &&
            /[A-Za-z]{2}/.test(run.text.replace(/\{[^{}]*(?:\{[^{}]*\}[^{}]*)*\}/g, '')),
        });
      run = null;
    };
    for (const node of nodes) {
      if (node.type === NodeTypes.TEXT) {
        run ??= { line: node.loc.start.line, text: '' };
        run.text += node.content;
      } else if (node.type === NodeTypes.INTERPOLATION) {
        run ??= { line: node.loc.start.line, text: '' };
        run.text += `{${node.content.loc.source.replace(/\s+/g, ' ').trim()}}`;
        codeAt(node.content.loc.source, node.loc.start.line);
      } else {
        close();
        if (node.type === NodeTypes.ELEMENT) {
          node.props.forEach(attribute);
          children(node.children);
        }
      }
    }
    close();
  };
  children(descriptor.template?.ast?.children ?? []);
  return found;
}
