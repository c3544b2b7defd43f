<?php

declare(strict_types=1);

return [
    'paths' => [base_path('web')],
    'compiled' => storage_path('framework/views'),
];
