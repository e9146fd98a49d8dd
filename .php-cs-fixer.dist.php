<?php

declare(strict_types=1);

$files = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/tools', __DIR__.'/config'])
    ->notName('reference.php');

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder($files)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'concat_space' => ['spacing' => 'none'],
        'phpdoc_align' => ['align' => 'vertical'],
        'phpdoc_to_comment' => false,
        'phpdoc_summary' => false,
        'global_namespace_import' => false,
        'native_constant_invocation' => ['scope' => 'namespaced'],
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'single_line_throw' => false,
        'yoda_style' => true,
        'php_unit_method_casing' => ['case' => 'camel_case'],
    ]);
