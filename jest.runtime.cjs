const { createRequire } = require('node:module');
const { sep } = require('node:path');
const { Script } = require('node:vm');
const Runtime = require('jest-runtime').default;

/** Of each file the script that was made of it, as long as a worker of Jest lives. */
const kept = new Map();
/** Whether a module is one of the project, by how it is asked for. */
const isOurs = (name) => name !== undefined && /^(\.|@\/)/.test(name);

/** Modules that are run once a worker, and what they export. */
const shared = new Map();

/**
 * Jest's runtime, but for two things (docs/adr/0019-proof-in-minutes.md). Each file is compiled once a worker instead of once a
 * test file: React and MUI alone are some eight hundred. And the core is run once a worker, as it is in the app: it is pure, so
 * that no test can leave anything in it but answers that are kept; all other modules are run anew for each test file as ever.
 * With `globals.coreAnew` it is too: what changes under the tests must not be kept.
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
    const [{ rootDir, globals }] = parts;
    this.core = globals.coreAnew === true ? null : `${rootDir}${sep}src${sep}core${sep}`;
  }

  requireModule(from, moduleName, ...rest) {
    // Schemas of the core and those of other layers stand in one registry.
    if (moduleName === 'zod/mini') return require('zod/mini');
    if (this.core !== null && isOurs(moduleName)) {
      const path = this.cjsLoader.resolution.resolveCjs(from, moduleName);
      if (path.startsWith(this.core)) return this.requireShared(path);
    }
    return super.requireModule(from, moduleName, ...rest);
  }

  requireShared(path) {
    const known = shared.get(path);
    if (known !== undefined) return known.exports;
    const made = { exports: {} };
    const source = this.transformCache.transform(path);
    const own = createRequire(path);
    const requireFrom = (name) => {
      const found = isOurs(name) ? this.cjsLoader.resolution.resolveCjs(path, name) : null;
      return found === null ? own(name) : this.requireShared(found);
    };
    const head = '(function (module, exports, require) {';
    new Script(`${head}${source}\n})`, { filename: path, columnOffset: -head.length })
      .runInThisContext()
      .call(made.exports, made, made.exports, requireFrom);
    shared.set(path, made);
    return made.exports;
  }
}

module.exports = KeepingRuntime;
