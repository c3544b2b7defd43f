<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'kitchen', 'passwords' => null],
    'guards' => ['kitchen' => ['driver' => 'session', 'provider' => 'people']],
    'providers' => ['people' => ['driver' => 'people']],
];
