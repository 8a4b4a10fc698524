const { Script } = require('node:vm');
const Runtime = require('jest-runtime').default;

/** Of each file the script that was made of it, as long as a worker of Jest lives. */
const kept = new Map();

/**
 * Jest's runtime, but that each file is compiled once a worker instead of once a test file: React and MUI alone are some eight
 * hundred. Modules are run anew for each test file as ever; only their code is shared (docs/adr/0019-proof-in-minutes.md).
 */
class KeepingRuntime extends Runtime {
  constructor(...parts) {
    super(...parts);
    const { executor } = this;
    if (typeof executor?.compile !== 'function') {
      throw new Error('This version of jest-runtime compiles elsewhere: see jest.runtime.cjs.');
    }
    const compileAnew = executor.compile.bind(executor);
    executor.compile = (source, filename) => {
      const context = executor.environment.getVmContext();
      if (context === null) return null;
      let known = kept.get(filename);
      if (known?.source !== source) {
        const head = `(function (${executor.injectedModuleParameters.join(', ')}) {`;
        try {
          // The head stands in the file's first line: columns are told as if it were not there.
          const script = new Script(`${head}${source}\n})`, {
            filename,
            columnOffset: -head.length,
          });
          known = { source, script };
        } catch {
          // Jest says best what is wrong with a file.
          return compileAnew(source, filename);
        }
        kept.set(filename, known);
      }
      return known.script.runInContext(context);
    };
  }
}

module.exports = KeepingRuntime;
