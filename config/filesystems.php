<?php

declare(strict_types=1);

return [
    'disks' => [
        // Nothing of it is for the browser: no routes under /storage.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
];
