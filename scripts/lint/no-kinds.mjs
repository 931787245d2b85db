// A rule for core/review, core/scene and core/what-if: what a fitting is called, and its raw parameters, are not asked there.
// Facts, services, handles and geometry say what is to be known (`fittings/facts.ts`, `adjust.ts`, `of.ts`).

/** Properties that may not be read, by the name of the type that declares them. */
const HIDDEN = {
  Fitting: ['kind', 'parameters'],
  Made: ['kind', 'parameters'],
  FittingKind: ['id', 'group', 'parameters'],
}

export const noKinds = {
  meta: {
    type: 'problem',
    messages: {
      hidden: '“{{name}}” of a {{type}} is not asked here: its facts, services or handles say what is to be known.',
    },
    schema: [],
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap } = context.sourceCode.parserServices
    const checker = program.getTypeChecker()
    const hiddenIn = (node, name) => {
      const type = checker.getTypeAtLocation(esTreeNodeToTSNodeMap.get(node))
      const parts = type.isUnion() || type.isIntersection() ? type.types : [type]
      for (const part of parts)
        for (const symbol of [part.aliasSymbol, part.getSymbol()]) {
          const hidden = symbol === undefined ? undefined : HIDDEN[symbol.getName()]
          if (hidden?.includes(name)) return symbol.getName()
        }
      return undefined
    }
    const report = (node, owner, name) => {
      const type = hiddenIn(owner, name)
      if (type !== undefined) context.report({ node, messageId: 'hidden', data: { name, type } })
    }
    return {
      MemberExpression(node) {
        if (!node.computed && node.property.type === 'Identifier') report(node, node.object, node.property.name)
        else if (node.computed && node.property.type === 'Literal')
          report(node, node.object, String(node.property.value))
      },
      ObjectPattern(node) {
        for (const property of node.properties)
          if (property.type === 'Property' && property.key.type === 'Identifier')
            report(property, node, property.key.name)
      },
    }
  },
}
