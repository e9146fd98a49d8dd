import { PHP, loadPHPRuntime } from '@php-wasm/universal'
import { getPHPLoaderModule } from '@php-wasm/web-8-2'

// The core as it is, in PHP compiled for the browser: a job file is read and planned whole, some times over.
const TIMES = 12
const CODE = `<?php
spl_autoload_register(static function (string $class): void {
  foreach (['Berm\\\\Core\\\\' => 'core/src/', 'Symfony\\\\Component\\\\ExpressionLanguage\\\\' => 'vendor/symfony/expression-language/',
            'Psr\\\\Cache\\\\' => 'vendor/psr/cache/src/'] as $space => $folder) {
    $file = '/berm/'.$folder.strtr(substr($class, strlen($space)), '\\\\', '/').'.php';
    if (str_starts_with($class, $space) && is_file($file)) { require $file; return; }
  }
});
$start = hrtime(true);
$file = Berm\\Core\\File\\Fields::readText(file_get_contents('/berm/job.json'), Berm\\Core\\File\\JobFile::read(...));
$read = hrtime(true);
Berm\\Core\\Job\\Plan::of($file->job, Berm\\Core\\Build\\BuildState::fold($file->log));
echo json_encode([($read - $start) / 1e6, (hrtime(true) - $read) / 1e6]);`

const start = performance.now()
const php = new PHP(await loadPHPRuntime(await getPHPLoaderModule(), { processId: 1 }))
const booted = performance.now()
for (const [path, text] of Object.entries(await (await fetch('/bundle.json')).json())) {
  php.mkdirTree('/berm/' + path.split('/').slice(0, -1).join('/'))
  php.writeFile('/berm/' + path, text)
}
const filled = performance.now()
const runs = []
for (let i = 0; i < TIMES; ++i) runs.push(JSON.parse((await php.run({ code: CODE })).text))
postMessage({ boot: booted - start, files: filled - booted, runs })
