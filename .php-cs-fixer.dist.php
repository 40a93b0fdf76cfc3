<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'phpdoc_align' => ['align' => 'vertical'],
        'single_line_throw' => false,
        'phpdoc_to_comment' => false,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'array_destructuring', 'arrays', 'match', 'parameters']],
    ])
    ->setFinder((new PhpCsFixer\Finder())->in(['core', 'src', 'demo', 'standins', 'tests', 'migrations', 'config', 'public'])->exclude(['app', 'data'])->notName('reference.php'));
