<?php

declare(strict_types=1);

// Each process that runs tests has a database of its own.
$token = getenv('TEST_TOKEN');
$file = 'database/testing'.($token === false ? '' : "-{$token}").'.sqlite';
putenv("DB_DATABASE={$file}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $file;

require __DIR__.'/../vendor/autoload.php';
